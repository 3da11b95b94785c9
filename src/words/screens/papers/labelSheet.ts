/** What papers’s labelSheet says. */
export const labelSheetWords = {
  labels: 'labels',
  urnBench: 'Urn Bench',
  noWiresYet: 'no wires yet',
}
