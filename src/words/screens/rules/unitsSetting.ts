/** What House rules say of the units of the bench. */
export const unitsWords = {
  title: 'The bench’s units and money',
  label: 'Said first',
  metric: 'mm, mm², N',
  gauge: 'AWG, in, lbf',
  about: (sample: string) =>
    `A strip here is ${sample}. The other units stand small beside it. A field takes either: a figure without a unit is in the one that the field names. What is judged and kept is metric.`,
  currency: 'Prices are in',
  none: 'not said',
  unknown: (code: string) => `“${code}” is no currency’s code: three letters, like NOK.`,
  unwritten: 'The units stay as they were.',
}
