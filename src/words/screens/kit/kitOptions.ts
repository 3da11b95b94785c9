/** What kit’s kitOptions says. */
export const kitOptionsWords = {
  matSeal: 'mat seal',
}
