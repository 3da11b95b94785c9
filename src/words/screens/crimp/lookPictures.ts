/** What `LookPictures` says. */
export const lookPicturesWords = {
  goodAndBad: (line: string) => `${line}: good and bad`,
}
