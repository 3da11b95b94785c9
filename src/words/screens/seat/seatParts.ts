/** What the Seat station says of itself. */
export const seatWords = {
  fetching: 'Fetching the way out…',
}
