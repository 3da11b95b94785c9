import type { FamilyInput, Tool } from './types'

export type ReleaseId = FamilyInput['release']

/** How a contact is held, put in and let go. Each mechanism says what a screen, a plan and a drill need to know of it. */
export interface ReleaseMechanism {
  readonly id: ReleaseId
  /** the face from which the hand or the tool comes */
  readonly from: 'wire' | 'mating' | 'side'
  readonly tool: ReleaseTip
  /** what the tool is made to fit: the wire that lies in its slit, or the contact that it goes over; a blade fits all */
  readonly toolBy: 'wire' | 'contact' | 'none'
  /** when a tug says something, once it is in or once the lock is shut: before that the contact slides out again, as it should */
  readonly tugMeans: 'when-in' | 'after-lock' | 'never'
  /** in order; words for each stand with the steps */
  readonly before: readonly ReleaseStep[]
  readonly act: readonly ReleaseStep[]
  /** what to put right before the contact is used again */
  readonly restore: readonly ReleaseStep[]
  /** what breaks when it is done badly, the likeliest first */
  readonly harms: readonly ReleaseHarm[]
  /** why it does not come though all was done, in the order in which a hand looks; after the last one stops, before something breaks */
  readonly stuck: readonly StuckCheck[]
  /** what some benches do without the tool; the house rules say whether they may */
  readonly improvised: readonly ImprovisedTool[]
  /** what the hand does when a contact goes in, in order; the tug comes after them, where it means something */
  readonly insert: readonly InsertStep[]
  /** goes in with a tool whose other end, or a sister of it, lets the contact out */
  readonly insertTool: boolean
  /** what is tightened on it, by the torque of its sheet or by hand */
  readonly tightens?: 'screw' | 'nut'
}

export type ReleaseTip = NonNullable<Tool['release']>['tip'] | 'none'

export type ReleaseStep =
  | 'open-lock'
  | 'push-wire-in'
  | 'move-finger'
  | 'pull-wire'
  | 'tube-over-barbs'
  | 'spread-barbs'
  | 'press-lance'
  | 'raise-lance'
  | 'sleeve-on-wire'
  | 'pull-wire-and-sleeve'
  | 'pick-at-wall'
  | 'lift-mat'
  | 'ease-back'
  | 'look-at-finger'
  | 'free-comb'
  | 'look-at-clip'
  | 'spring-tang'
  | 'look-at-mat'
  | 'loosen-screw'
  | 'draw-out'
  | 'nut-off'
  | 'lift-off'
  | 'look-at-terminal'

export type ReleaseHarm =
  | 'finger-broken'
  | 'barb-flattened'
  | 'lance-flattened'
  | 'window-torn'
  | 'clip-broken'
  | 'tip-broken'
  | 'seal-cut'
  | 'tang-bent'
  | 'neck-finger-broken'
  | 'mat-torn'
  | 'comb-tooth-broken'
  | 'screw-head-spoiled'
  | 'strand-left'
  | 'stud-turned'

export type StuckCheck =
  | 'lock-shut'
  | 'wire-not-pushed-in'
  | 'tool-not-home'
  | 'tool-tilted'
  | 'wrong-size'
  | 'wrong-end'
  | 'blade-wrong-side'
  | 'lance-not-down'
  | 'comb-still-on'
  | 'mat-not-lifted'
  | 'seal-grips'
  | 'screw-not-open'
  | 'ferrule-set'
  | 'washer-grips'

export type ImprovisedTool = 'bent-pick' | 'fine-tube' | 'probe-through-socket' | 'modified-tip' | 'drilled-cap'

export type InsertStep =
  | 'right-way-up'
  | 'wire-in-slot'
  | 'straight-in'
  | 'press-square'
  | 'through-mat'
  | 'to-the-stop'
  | 'click'
  | 'tool-out'
  | 'screw-open'
  | 'no-solder'
  | 'into-clamp'
  | 'none-outside'
  | 'faces-clean'
  | 'round-stud'
  | 'washer-and-nut'
  | 'tighten'

export const releaseMechanisms: Readonly<Record<ReleaseId, ReleaseMechanism>> = {
  finger: {
    id: 'finger',
    from: 'mating',
    tool: 'thin-blade',
    toolBy: 'none',
    tugMeans: 'when-in',
    before: ['open-lock', 'push-wire-in'],
    act: ['move-finger', 'pull-wire'],
    restore: ['look-at-finger'],
    harms: ['finger-broken', 'seal-cut'],
    stuck: ['lock-shut', 'wire-not-pushed-in', 'blade-wrong-side', 'seal-grips'],
    improvised: ['bent-pick', 'probe-through-socket'],
    insert: ['straight-in', 'click'],
    insertTool: false,
  },
  barbs: {
    id: 'barbs',
    from: 'mating',
    tool: 'tube',
    toolBy: 'contact',
    tugMeans: 'when-in',
    before: ['open-lock'],
    act: ['tube-over-barbs', 'push-wire-in', 'pull-wire'],
    restore: ['spread-barbs'],
    harms: ['barb-flattened', 'seal-cut'],
    stuck: ['lock-shut', 'tool-not-home', 'tool-tilted', 'wrong-size', 'wire-not-pushed-in', 'seal-grips'],
    improvised: ['fine-tube'],
    insert: ['right-way-up', 'straight-in', 'click'],
    insertTool: false,
  },
  'window-lance': {
    id: 'window-lance',
    from: 'side',
    tool: 'blunt-blade',
    toolBy: 'none',
    tugMeans: 'when-in',
    before: ['push-wire-in'],
    act: ['press-lance', 'ease-back'],
    restore: ['raise-lance'],
    harms: ['lance-flattened', 'window-torn'],
    stuck: ['wire-not-pushed-in', 'lance-not-down', 'tool-tilted'],
    improvised: ['bent-pick'],
    insert: ['right-way-up', 'straight-in', 'click'],
    insertTool: false,
  },
  'rear-sleeve': {
    id: 'rear-sleeve',
    from: 'wire',
    tool: 'slit-sleeve',
    toolBy: 'wire',
    tugMeans: 'when-in',
    before: ['push-wire-in'],
    act: ['sleeve-on-wire', 'pull-wire-and-sleeve'],
    restore: ['look-at-clip'],
    harms: ['tip-broken', 'clip-broken', 'seal-cut'],
    stuck: ['tool-not-home', 'tool-tilted', 'wrong-size', 'wrong-end', 'wire-not-pushed-in'],
    improvised: ['modified-tip'],
    insert: ['wire-in-slot', 'press-square', 'click', 'tool-out'],
    insertTool: true,
  },
  'side-tang': {
    id: 'side-tang',
    from: 'mating',
    tool: 'pick',
    toolBy: 'none',
    tugMeans: 'when-in',
    before: ['open-lock', 'free-comb', 'push-wire-in'],
    act: ['pick-at-wall', 'ease-back'],
    restore: ['spring-tang'],
    harms: ['tang-bent', 'comb-tooth-broken'],
    stuck: ['lock-shut', 'comb-still-on', 'wire-not-pushed-in', 'blade-wrong-side'],
    improvised: ['bent-pick', 'drilled-cap'],
    insert: ['right-way-up', 'straight-in', 'click'],
    insertTool: false,
  },
  neck: {
    id: 'neck',
    from: 'wire',
    tool: 'none',
    toolBy: 'none',
    tugMeans: 'when-in',
    before: ['open-lock', 'lift-mat'],
    act: ['ease-back'],
    restore: ['look-at-mat'],
    harms: ['neck-finger-broken', 'mat-torn'],
    stuck: ['lock-shut', 'mat-not-lifted', 'wire-not-pushed-in'],
    improvised: [],
    insert: ['right-way-up', 'through-mat', 'click'],
    insertTool: false,
  },
  comb: {
    id: 'comb',
    from: 'wire',
    tool: 'none',
    toolBy: 'none',
    tugMeans: 'after-lock',
    before: ['open-lock'],
    act: ['ease-back'],
    restore: [],
    harms: ['comb-tooth-broken', 'seal-cut'],
    stuck: ['lock-shut', 'wire-not-pushed-in', 'seal-grips'],
    improvised: [],
    insert: ['right-way-up', 'straight-in', 'to-the-stop'],
    insertTool: false,
  },
  clamp: {
    id: 'clamp',
    from: 'wire',
    tool: 'driver',
    toolBy: 'none',
    tugMeans: 'when-in',
    before: [],
    act: ['loosen-screw', 'draw-out'],
    restore: ['look-at-terminal'],
    harms: ['screw-head-spoiled', 'strand-left'],
    stuck: ['screw-not-open', 'ferrule-set'],
    improvised: [],
    // what is outside is looked for before the screw hides it, and again by the tug
    insert: ['screw-open', 'no-solder', 'into-clamp', 'none-outside', 'tighten'],
    insertTool: false,
    tightens: 'screw',
  },
  stud: {
    id: 'stud',
    from: 'wire',
    tool: 'spanner',
    toolBy: 'none',
    tugMeans: 'when-in',
    before: [],
    act: ['nut-off', 'lift-off'],
    restore: ['look-at-terminal'],
    harms: ['stud-turned'],
    stuck: ['washer-grips'],
    improvised: [],
    insert: ['faces-clean', 'round-stud', 'washer-and-nut', 'tighten'],
    insertTool: false,
    tightens: 'nut',
  },
  none: {
    id: 'none',
    from: 'wire',
    tool: 'none',
    toolBy: 'none',
    tugMeans: 'never',
    before: [],
    act: [],
    restore: [],
    harms: [],
    stuck: [],
    improvised: [],
    insert: [],
    insertTool: false,
  },
}

/** Terminals are fixed there, by a screw or a nut: no contact snaps in, and none is a pin or a socket. */
export const isFixed = ({ release }: { readonly release: ReleaseId }): boolean =>
  releaseMechanisms[release].tightens !== undefined

/** All steps of taking a contact out, in order; the lock is only opened when it is closed, and nothing is restored on what is scrapped. */
export const releaseSteps = (
  { before, act, restore }: ReleaseMechanism,
  lockClosed: boolean,
  isScrap = false,
): readonly ReleaseStep[] => [
  ...before.filter((step) => step !== 'open-lock' || lockClosed),
  ...act,
  ...restore.filter((step) => !isScrap || !ofContact.has(step)),
]

/** What puts a contact right for its next use; the rest looks at the housing, which stays. */
const ofContact: ReadonlySet<ReleaseStep> = new Set(['spread-barbs', 'raise-lance', 'spring-tang', 'look-at-terminal'])
