import { mm, plural } from '@/words/figures'

/** What the fault card of Crimp says. */
export const faultCardWords = {
  title: 'What is wrong?',
  foundAt: 'Found at',
  seen: 'What is seen',
  back: 'Back to the looks',
  write: 'Write the decision',
  nextLook: 'Faults of the next look',
  otherwise: 'Set it otherwise for the next',
  saveIt: 'Save the piece, as the rules allow',
  name: 'Name what is seen (1 to 9)',
  nothing: 'Nothing is wrong',
  decision: (scrap: boolean) => (scrap ? 'The contact goes.' : 'Redo, the contact stays.'),
  likely: 'Likely, in this order:',
  evidence: { for: ', as measured', against: ': what was measured says no', none: '' },
  withDecision: (cure: string) => `✓ With the decision: ${cure}`,
  bite: (byMm: number) => `Strip ${mm(byMm, 1)} more, try again`,
  allowed: (recorded: boolean) =>
    recorded ? 'allowed here, recorded; then look again' : 'allowed here; then look again',
  main: (wireGoes: boolean, scrap: boolean) =>
    wireGoes ? 'Scrap contact and wire' : scrap ? 'Scrap contact' : 'Cut back and redo',
  costs: 'Costs',
  ofWire: (seal: boolean) => `of wire here${seal ? ' and its seal' : ''}.`,
  triesLeft: (count: number) => `${plural(count, 'try', 'tries')} left on this wire.`,
  neverAgain: (butSaves: boolean) =>
    `A crimp is never crimped again to save it${butSaves ? ', but for what these rules allow' : ''}.`,
  noSlack: (otherSeated: boolean) =>
    otherSeated
      ? 'No slack is left and the other end is seated: take it out at Seat, then cut the wire anew.'
      : 'No slack is left for another try: the whole wire goes, and a new one is cut.',
  mm: (usedMm: number) => `${String(usedMm)} mm`,
  noSlackForAnother: (side: string) => `no slack for another try at ${side}`,
}
