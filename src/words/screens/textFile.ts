/** What is said of a text file as it is read. */
export const textFileWords = {
  isNoText: (name: string, line: number | undefined) =>
    `${name} is no text${line === undefined ? '' : `: line ${String(line)} holds a control character`}. Save the table as CSV in UTF-8, or as .xlsx, and take that.`,
  howWritten: 'How is this file written?',
  why: (name: string) => `${name} is not UTF-8. Which way do its words come out right?`,
  asWindows: 'as Windows-1252',
  asUtf8: 'as UTF-8',
  takeWindows: 'Read it as Windows-1252',
  doNotRead: 'Do not read it',
}
