/** What `ProvenanceStrip` says. */
export const provenanceStripWords = {
  notWhole: 'This record is not whole.',
  exportIt: 'Export the record',
}
