/** What `NewNumbersForm` says. */
export const newNumbersFormWords = {
  benchDoesNotAnswer: 'The bench does not answer.',
  lookingWhereEachWire: 'Looking where each wire goes…',
  itsWiresGoTo: 'Its wires go to',
  newCavities: 'New cavities',
  newCavityOf: (cavity: string) => `New cavity of ${cavity}`,
  has: (left: string) => `${left} has`,
  have: (count: number) => `${String(count)} have`,
  noCavityOfIts: (wire: string) => `▲ ${wire} no cavity of its own there yet: say one.`,
}
