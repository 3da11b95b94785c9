import type { ChosenSet } from '../../craft/setup/chosenSet'
import { noFacts } from '../plan/facts'
import { type Plan, emptyPlan } from '../plan/plan'
import { factsSlice } from './factsSlice'
import type {
  Adjustment,
  CavityState,
  CutState,
  EndState,
  MountedTool,
  Note,
  OldEnd,
  Photo,
  SetupState,
  TermState,
  ToolCheck,
  WireLost,
} from './records'
import type { AnalysedState, ApartState, LeadsState, MovedState, NetState, ThroughState } from './proofRecords'
import type { BundleState, Signature, TorqueToolState, TrayState } from './closeRecords'
import { keyed, whole } from './slice'
import { subject } from './subject'

/**
 * Everything that a job's state holds, one row a slice: what it begins with, what an entry that writes there is about, and
 * whether taking back brings back what stood there. State, empty state, snapshot, undo and the collision check are made of it.
 */
export const slices = {
  plan: whole<Plan>(emptyPlan),
  /** copied from the shelf; several entries may pin the same */
  facts: factsSlice(noFacts),
  /** by `wire/side` */
  sets: keyed<ChosenSet>(subject.setOf),
  /** by `unit/wire` */
  cuts: keyed<CutState>(subject.cut),
  /** by `unit/wire`: how many wires went to scrap here, their length, and what of it came with the harness */
  wiresLost: keyed<WireLost>(subject.cut),
  /** by `unit/wire/side` */
  terms: keyed<TermState>(subject.term),
  /** by `unit/end.cavity` */
  cavities: keyed<CavityState>(subject.cavity),
  /** by unit: the place `end.cavity` at which something went in or came out last; whoever works last says it */
  lastPlace: keyed<string>(),
  /** by end: cavities in the order in which a hand wants them filled */
  seatOrders: keyed<readonly string[]>(subject.seatOrder),
  /** by `unit/end` */
  ends: keyed<EndState>(subject.endState),
  /** by `unit/id`: housings that are given up, under ids of their own */
  oldEnds: keyed<OldEnd>(subject.endState),
  /** by `unit/wire`: the bundle must be opened along it, or is open, and is laced again before Close */
  lacings: keyed<'to-open' | 'open'>(subject.lacing),
  setups: keyed<SetupState>(subject.setup),
  /** what is mounted on each frame: its setup and since which entry */
  tools: keyed<MountedTool>(subject.tool),
  /** by setup */
  adjustments: keyed<Adjustment>(subject.adjustment),
  /** by tool: its verification ended with a turned adjuster, or was made again here */
  toolChecks: keyed<ToolCheck>(subject.toolCheck),
  /** by termination or setup */
  photos: keyed<readonly Photo[]>(subject.photos),
  /** by `unit/wire` */
  nets: keyed<NetState>(subject.net),
  /** by `unit/point|point`: pairs that must not ring, as they were probed by hand */
  apart: keyed<ApartState>(subject.apart),
  /** by `unit/point|point`: circuits through two halves that are together, as they were probed */
  through: keyed<ThroughState>(subject.through),
  /** by unit: the last run of an analyser over all of its pairs */
  analysed: keyed<AnalysedState>(subject.analysed),
  /** by unit: how it was moved while its resistance was watched */
  moved: keyed<MovedState>(subject.moved),
  leads: whole<LeadsState | undefined>(undefined),
  /** by `unit/segment`: what was put on a stretch of the bundle, and how long it was found */
  bundle: keyed<BundleState>(subject.bundle),
  /** torque and tension tools that were used, and whether they rest */
  torqueTools: keyed<TorqueToolState>(subject.torqueTool),
  /** tools were out since: no taking back makes a tray counted again */
  tray: whole<TrayState | undefined>(undefined, { comesBack: false }),
  signatures: whole<readonly Signature[]>([]),
  /** by entry id */
  notes: keyed<Note>(subject.note),
} as const

export type SliceId = keyof typeof slices
export const sliceIds = Object.keys(slices) as readonly SliceId[]
