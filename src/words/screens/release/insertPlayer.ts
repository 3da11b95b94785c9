/** What `InsertPlayer` says. */
export const insertPlayerWords = {
  contactIsIn: 'The contact is in',
  lightTugItHolds: 'A light tug: it holds',
}
