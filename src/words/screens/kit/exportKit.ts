/** What kit’s exportKit says. */
export const exportKitWords = {
  testPieces: 'test pieces',
  kit: (title: string) => `${title} kit`,
}
