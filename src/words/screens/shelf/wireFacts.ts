/** What `WireFacts` says. */
export const wireFactsWords = {
  printedSize: 'Printed size',
  strands: 'Strands',
  oneStrand: 'One strand',
  overBareMetal: 'Over the bare metal',
  countStrandsWholeNumber: 'Count the strands: a whole number.',
  oneStrandRead: (quantity: string) => `One strand: ${quantity}`,
  whatWireIsThis: 'What wire is this?',
  oneOfTheseIs: 'one of these is enough',
  solidNotStranded: 'Solid, not stranded',
  metal: 'Metal',
  nearestGauge: 'Nearest gauge',
  bare: 'Bare',
  bareBundle: 'Bare bundle',
  atC: 'At 20 °C',
  bundleIsTakenTo: 'A bundle is taken to be three quarters metal: count its strands where it matters.',
}
