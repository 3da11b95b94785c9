/** What import’s route says. */
export const importRouteWords = {
  itCouldNotBe:
    'It could not be checked: it takes more time or memory than a workshop’s catalogue, or the bench failed; its log says which. Nothing was written.',
}
