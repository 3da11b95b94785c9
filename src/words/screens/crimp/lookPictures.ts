/** What `LookPictures` says. */
export const lookPicturesWords = {
  eachFault: 'What each look would find',
  goodAndBad: (line: string) => `${line}: good and bad`,
}
