/** What `AdapterForm` says. */
export const adapterFormWords = {
  wiresOfAdapterAre: (min: number, max: number) =>
    `The wires of an adapter are ${String(min)} mm to ${String(max)} m long.`,
  nothingWasMade: 'Nothing was made.',
  adapterIsMadeIt: (left: string) =>
    `◆ The adapter is made. It leads nothing to ${left}: the other half has no such signal, or has it more than once.`,
  openAdapter: 'Open the adapter',
  lengthOfAdaptersWires: 'Length of the adapter’s wires',
  makeAdapterBetweenAnd: (a: string, b: string) => `Make an adapter between ${a} and ${b}, by signal`,
}
