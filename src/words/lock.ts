import type { CoverId, HousingLock, LockId, SecondaryLock } from '@/core/parts/catalogue/secondaryLocks'
import type { SecondLock } from '@/core/parts/catalogue/types'
import { capital, mm } from './figures'

/** The second lock of a housing in words: its kind, and what its own sheet says of it. */
export const lockWords: Readonly<
  Record<LockId, { readonly name: string; /** which way round it goes on */ readonly way: string }>
> = {
  none: { name: 'no lock', way: '' },
  wedge: { name: 'wedge', way: 'one way: its thin end leads' },
  'tail-cover': { name: 'tail cover', way: 'either way round' },
  comb: { name: 'comb', way: 'one way: teeth toward the contacts' },
  cap: { name: 'cap', way: 'one way: its hinge stays on' },
  gate: { name: 'front cover and rear gate', way: 'one way each: the chamfers meet' },
}

interface CoverWords {
  readonly name: string
  readonly close: string
  readonly open: string
}

/** Each cover: how it is closed, how it is opened, and how one sees that it is home. */
const coverWords: Readonly<Record<CoverId, CoverWords>> = {
  wedge: {
    name: 'wedge',
    close: 'Slide the wedge in from the side, past its stop, until it is flush',
    open: 'Draw the wedge out at the side, with the hook in its eye',
  },
  'tail-cover': {
    name: 'tail cover',
    close: 'Slide the tail cover home until both ears click',
    open: 'Spread both ears, slide the tail cover back over the wires',
  },
  comb: {
    name: 'comb',
    close: 'Press the comb down, level, past its stop',
    open: 'Lift the comb at its slot, up to its stop',
  },
  cap: { name: 'cap', close: 'Fold the cap shut, both sides click', open: 'Free the cap under its edge, fold it back' },
  'front-cover': {
    name: 'front cover',
    close: 'Push the front cover on, square',
    open: 'Front cover off, at its slots',
  },
  'rear-gate': {
    name: 'rear gate',
    close: 'Close the rear gate until it clicks',
    open: 'Rear gate open, at its slots',
  },
}

/** The words that a sheet's facts of a lock are chosen by. */
export const lockFactWords = {
  madeAs: { separate: 'separate', hinged: 'hinged', sliding: 'sliding' },
  access: { front: 'front', side: 'side', rear: 'rear' },
  way: { 'one-way': 'one way', reversible: 'either' },
  whileInserting: { out: 'out', 'at-stop': 'at its stop' },
  moves: { after: 'after the contacts', 'before-and-after': 'up before, down after', 'off-and-on': 'off, then on' },
  opensAt: { mark: 'at the mark', far: 'away from it' },
  out: { drawn: 'by hand', hooked: 'hooked', prised: 'prised', spread: 'ears spread' },
} as const satisfies {
  readonly [F in keyof SecondLock]?: Readonly<Record<NonNullable<SecondLock[F]> & string, string>>
}

const from = { front: 'from the front', side: 'from the side', rear: 'from behind' } as const
const shut = { separate: 'Push the', hinged: 'Fold the', sliding: 'Slide the' } as const
const outVerb = {
  drawn: 'Draw the',
  hooked: 'Hook the',
  prised: 'Prise the',
  spread: 'Spread the ears of the',
} as const

const joined = (...parts: readonly (string | false | undefined)[]) =>
  parts.filter((part) => part !== undefined && part !== false && part !== '').join(', ')

/** The tool that a lock comes out with, and which end of it. */
const withTool = ({ tool, toolEnd }: SecondLock) => (tool === undefined ? undefined : `with ${joined(tool, toolEnd)}`)

/** How a cover of this lock is closed and opened: as its own sheet says, else as its kind has it. */
export function coverActs(cover: CoverId, { said, states }: HousingLock): CoverWords {
  const plain = coverWords[cover]
  // of a lock with two covers a sheet's line says which way the first goes alone
  if (!said || cover === 'rear-gate') return plain
  const { access, madeAs, leads, partWayMm, homeMm, out } = said
  const knows = [access, madeAs, leads, partWayMm, homeMm].some((one) => one !== undefined)
  const stop = states.includes('part-way') && `past its stop${partWayMm === undefined ? '' : ` at ${mm(partWayMm)}`}`
  const close = joined(
    `${shut[madeAs ?? 'separate']} ${plain.name} ${madeAs === 'separate' || madeAs === undefined ? 'in' : 'shut'}${access ? ` ${from[access]}` : ''}`,
    leads !== undefined && `${leads} first`,
    stop,
    homeMm === undefined ? 'until it is home' : `until it is home, ${mm(homeMm)} in`,
  )
  const open = joined(
    `${outVerb[out ?? 'drawn']} ${plain.name}${out === 'spread' ? ', slide it back' : ' out'}${access ? ` ${from[access]}` : ''}`,
    withTool(said),
  )
  return {
    name: plain.name,
    close: knows ? close : plain.close,
    open: out !== undefined || access !== undefined || said.tool !== undefined ? open : plain.open,
  }
}

/** Where a cover stands before the first contact of an end goes in. */
export function beforeFirstWords(cover: CoverId, lock: HousingLock): string {
  const { name } = coverWords[cover]
  if (lock.said?.whileInserting === 'at-stop')
    return `The ${name} at its part-way stop${lock.said.partWayMm === undefined ? '' : `, ${mm(lock.said.partWayMm)} in`}`
  return lock.moves === 'before-and-after' ? `The ${name} up, at its stop` : `The ${name} off, out of the way`
}

/** Which way round a lock goes on, and what leads. */
export function lockWayWords(kind: LockId, { said }: HousingLock): string {
  if (said?.way === undefined && said?.leads === undefined) return lockWords[kind].way
  const way = said.way === 'reversible' ? 'either way round' : 'one way round'
  return said.leads === undefined ? way : `${way}: ${said.leads} first`
}

/** When a lock moves, where one gets at it, and with what. */
const lockMoveWords: Readonly<Record<SecondaryLock['moves'], string>> = {
  after: 'it moves after the last contact',
  'before-and-after': 'up before the first contact, down after the last',
  'off-and-on': 'off while contacts go in or out, then on again',
}
export const lockAccessWords: Readonly<Record<SecondaryLock['access'], string>> = {
  'side-slot': 'in the slot at the side',
  'face-slot': 'in the slots of the face',
  'under-edge': 'under its edge',
  rear: 'from the rear',
  front: 'from the front',
  none: '',
}
export const lockToolWords: Readonly<Record<SecondaryLock['tool'], string>> = {
  fingers: 'by hand',
  hook: 'with the hook',
  'flat-blade': 'with a fine flat blade',
}

/** When a lock moves, and how hand or tool gets at it, as one sentence. */
export function lockHowWords({ moves, access, tool, said }: HousingLock): string {
  const words = [
    lockMoveWords[moves],
    [(said && withTool(said)) ?? lockToolWords[tool], lockAccessWords[access]].filter((one) => one !== '').join(' '),
  ].join('; ')
  return `${capital(words)}.`
}

/** What takes hold of a lock whose tab is missing. */
export const lockFallbackWords = {
  'blade-in-slot': 'tab missing: a thin flat blade in its slot, toward its open side',
  'pick-under-edge': 'tab missing: a pick under its edge, both ends a little at a time',
} as const
