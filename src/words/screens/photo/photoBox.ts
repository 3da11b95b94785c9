/** What `PhotoBox` says. */
export const photoBoxWords = {
  photoWasNotKept: 'The photo was not kept. Try again.',
  photoWasNotKeptBench: 'The photo was not kept: the bench does not answer, or the file is too large. Try again.',
  addPhoto: 'Add a photo',
  photosOf: (piece: string) => `Photos of ${piece}`,
  photoOf: (piece: string) => `Photo of ${piece}`,
  anotherPhoto: 'Another photo…',
  addPhotoAsk: 'Add a photo…',
}
