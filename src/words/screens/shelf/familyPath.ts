import type { LackId } from '@/core/parts/sheets/familyLacks'
import { list, plural } from '@/words/figures'

/** The steps from a data sheet to a family, as the path calls them. */
export const stepWords = {
  kind: 'What kind',
  housings: 'Housings',
  sizes: 'Sizes and bores',
  contacts: 'Contacts',
  small: 'Seals, small parts',
  locks: 'Locks',
  settings: 'Settings',
} as const

/** What a job does, and what it lacks for it. */
export const lackWords: Readonly<
  Record<LackId, { readonly does: string; readonly lacks: (of: readonly string[]) => string }>
> = {
  draw: { does: 'draw a face', lacks: () => 'no housing' },
  mate: { does: 'put halves together', lacks: (of) => `no mate for ${list([...of], 2)}` },
  bore: { does: 'see that a crimp passes', lacks: (of) => `no bore of ${list([...of], 3)}` },
  fit: { does: 'fit a contact', lacks: (of) => `no ${list([...of], 2)}` },
  seal: { does: 'seal a wire', lacks: (of) => `no seal for ${list([...of], 3)}` },
  plug: { does: 'close an empty cavity', lacks: (of) => `no plug for ${list([...of], 3)}` },
  shut: { does: 'shut a half', lacks: (of) => `the lock of ${list([...of], 2)} is not said` },
  strip: { does: 'strip', lacks: (of) => `neither length nor barrel of ${list([...of], 2)}` },
  crimp: { does: 'crimp', lacks: (of) => `no setting for ${list([...of], 2)}` },
  tool: { does: 'set a tool', lacks: (of) => `${list([...of], 2)} ${of.length === 1 ? 'is' : 'are'} not in the crib` },
}

/** What the path of the family editor says. */
export const familyPathWords = {
  path: 'From the sheet to the family',
  stepOf: (step: number, all: number) => `step ${String(step)} of ${String(all)} · kept as you type`,
  fromItsSheet: (name: string) => `${name}, from its sheet`,
  newFamily: 'New family from its sheet',
  after: (name: string) => `A family after ${name}`,
  edit: (name: string) => `Edit ${name}`,
  housings: 'Housings of the family',
  housing: (at: number) => `housing ${String(at)}`,
  couldNotYet: 'A job could not yet',
  jobCould: '✓ A job could do all of it',
  onTo: (step: string) => `On to ${step.toLowerCase()}`,
  putItOnShelf: 'Put it on the shelf',
  saveFamily: 'Save the family',
  leaveIt: 'Leave it',
  nextStep: 'Next step',
  stepBefore: 'Step before',
  nextHousing: 'Next housing',
  housingBefore: 'Housing before',
  andMore: (count: number) => ` And ${String(count)} more.`,
  nothingWasWritten: 'Nothing was written; what you typed is kept.',
  nothingYet: 'none yet',
  toMend: (count: number) => `${plural(count, 'thing')} to fill in or mend`,
  sizesThere: (ids: readonly string[]) => list([...ids], 4),
  contactsThere: (contacts: number, terminals: number) =>
    [contacts > 0 && plural(contacts, 'contact'), terminals > 0 && plural(terminals, 'terminal')]
      .filter(Boolean)
      .join(', '),
  partsThere: (seals: number, parts: number) =>
    [seals > 0 && plural(seals, 'seal'), parts > 0 && plural(parts, 'small part')].filter(Boolean).join(', '),
  rowsThere: (rows: number) => plural(rows, 'row'),
  housingsThere: (ids: readonly string[]) => list([...ids], 3),
}
