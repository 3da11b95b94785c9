import type { PartLoss } from '@/core/work/crimp/scrapLoss'
import { list, mm, plural } from '@/words/figures'

const partLeft = ({ part, left, needed }: PartLoss) =>
  `one ${part} (${String(left)} left in the kit then, ${String(needed)} to crimp)`

/** What the fault card of Crimp says. */
export const faultCardWords = {
  title: 'What is wrong?',
  foundAt: 'Found at',
  seen: 'What is seen',
  back: 'Back to the looks',
  write: 'Write the decision',
  nextLook: 'Faults of the next look',
  saveIt: 'Save the piece, as the rules allow',
  name: 'Name what is seen (1 to 9)',
  nothing: 'Nothing is wrong',
  decision: (scrap: boolean) => (scrap ? 'The contact goes.' : 'Redo, the contact stays.'),
  bite: (byMm: number) => `Strip ${mm(byMm, 1)} more, try again`,
  allowed: (recorded: boolean) =>
    recorded ? 'allowed here, recorded; then look again' : 'allowed here; then look again',
  /** what is thrown away is asked about once more */
  main: (wireGoes: boolean, scrap: boolean, sure: boolean) => {
    const what = wireGoes ? 'Scrap contact and wire' : scrap ? 'Scrap contact' : 'Cut back and redo'
    return scrap ? (sure ? `Yes: ${what.toLowerCase()}` : `${what}…`) : what
  },
  costs: 'Costs',
  ofWire: (lost: readonly PartLoss[]) =>
    `of wire here${lost.length === 0 ? '' : ` and ${list(lost.map(partLeft), 3)}`}.`,
  /** once it is written: what went, and what there is still */
  scrapped: (lost: readonly PartLoss[], usedMm: number, triesLeft: number | undefined) =>
    [
      `Scrapped: ${list([...lost.map(({ part }) => part), `${mm(usedMm, 1)} of wire`], 4)}.`,
      ...lost.map(
        ({ part, left, needed }) => `${part}: ${String(left)} left in the kit, ${String(needed)} still to crimp.`,
      ),
      ...(triesLeft === undefined ? [] : [`${plural(Math.max(0, triesLeft - 1), 'try', 'tries')} left on this wire.`]),
    ].join(' '),
  triesLeft: (count: number) => `${plural(count, 'try', 'tries')} left on this wire.`,
  neverAgain: (butSaves: boolean) =>
    `A crimp is never crimped again to save it${butSaves ? ', but for what these rules allow' : ''}.`,
  noSlack: (otherSeated: boolean) =>
    otherSeated
      ? 'No slack is left and the other end is seated: take it out at Seat, then cut the wire anew.'
      : 'No slack is left for another try: the whole wire goes, and a new one is cut.',
  mm: (usedMm: number) => mm(usedMm, 1),
  noSlackForAnother: (side: string) => `no slack for another try at ${side}`,
}
