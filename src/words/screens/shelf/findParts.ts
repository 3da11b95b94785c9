/** What shelf’s findParts says. */
export const findPartsWords = {
  wireSeal: 'wire seal',
}
