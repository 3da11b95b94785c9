/** What `PreviewTable` says. */
export const previewTableWords = {
  pinoutAsItWill: 'The pinout as it will be read',
  row: 'row',
}
