/** What face’s paperColours says. */
export const paperColoursWords = {
  sans: 'Sans',
  mono: 'Mono',
}
