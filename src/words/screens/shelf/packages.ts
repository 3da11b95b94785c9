/** What shelf’s packages says. */
export const packagesWords = {
  packageCannotBeRead: 'The package cannot be read.',
}
