import type { InsertStep, ReleaseMechanism } from '../../parts/catalogue/releaseMechanisms'
import { contactScene, OUT_MM, seatedMoment, type ContactScene, type SceneMoment } from './contactScene'

/** Behind the mouth of the cavity, so that the whole contact is seen before it goes in. */
const AT_HAND_MM = OUT_MM - 1
/** Where the box meets what will hold it, by then pressed aside, and where it stands just before that snaps behind it. */
const BEFORE_MM = 10.4
const MEETS_MM = 9.2
const ALMOST_MM = 0.9

const inTo: readonly Partial<SceneMoment>[] = [
  { contactMm: BEFORE_MM },
  { contactMm: MEETS_MM, free: 1, restored: 0 },
  { contactMm: ALMOST_MM },
]

/** What each step of the routine changes. The tug draws a little: what is held comes no further. */
const changes: Readonly<Record<InsertStep | 'tug', readonly Partial<SceneMoment>[]>> = {
  'right-way-up': [{}],
  'wire-in-slot': [{ tool: 1 }],
  'straight-in': inTo,
  'press-square': inTo,
  'through-mat': inTo,
  'to-the-stop': [{ contactMm: 0, free: 0, restored: 1 }],
  click: [{ contactMm: 0 }, { free: 0, restored: 1 }],
  'tool-out': [{ tool: 0 }],
  'screw-open': [{ free: 1, restored: 0 }],
  'no-solder': [{}],
  'into-clamp': [{ contactMm: BEFORE_MM }, { contactMm: 0 }],
  'none-outside': [{}],
  'faces-clean': [{ free: 1, restored: 0 }],
  'round-stud': [{ contactMm: BEFORE_MM }, { contactMm: 0 }],
  'washer-and-nut': [{ free: 0.35 }],
  tighten: [{ tool: 1 }, { free: 0, restored: 1 }, { tool: 0 }],
  tug: [{ contactMm: 0.25 }, { contactMm: 0 }],
}

/** A contact goes in: from the hand to its seat, and the tug where it means something. Covers stand open meanwhile. */
export function insertScene(mechanism: ReleaseMechanism): ContactScene<InsertStep | 'tug'> {
  const steps = [...mechanism.insert, ...(mechanism.tugMeans === 'when-in' ? (['tug'] as const) : [])]
  // a comb that is up bars nothing: the contact slides past it freely
  return contactScene(steps, { ...seatedMoment, cover: 1, contactMm: AT_HAND_MM, restored: 1 }, (step) => changes[step])
}
