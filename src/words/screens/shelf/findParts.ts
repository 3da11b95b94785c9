/** What shelf’s findParts says. */
export const findPartsWords = {
  wireSeal: 'wire seal',
  bin: (bin: string) => `bin ${bin}`,
}
