/** What the Shelf says of itself. */
export const shelfWords = {
  opening: 'Opening…',
}
