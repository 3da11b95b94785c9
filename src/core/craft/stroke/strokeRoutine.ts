import { isSleeve, type Contact } from '../../parts/catalogue/types'
import { terminalShapes } from '../../parts/catalogue/terminalShapes'
import type { LookCode } from '../../parts/catalogue/lookCodes'
import { toolClasses, type ToolClass } from '../../parts/catalogue/toolClasses'

/** Where contact, jaws and wire stand at a moment of the stroke: shares from 0 (away, open, out) to 1 (in place, closed, home). */
export interface StrokeScene {
  readonly contactIn: number
  readonly closed: number
  readonly wireIn: number
  /** heat on a sleeve that shrinks */
  readonly warm: number
  /** the carrier strip that it came on: 1 still on it */
  readonly onStrip: number
  /** what lies between the jaws: two strokes take one pair of wings after the other */
  readonly over: 'all' | 'conductor' | 'insulation'
}

/** What the hands do in one stroke; words and pictures are elsewhere. */
export const strokeLineIds = [
  'off-strip',
  'into-positioner',
  'held-at-mark',
  'wings-up-in-locator',
  'wings-up-in-nest',
  'barrel-in-nest',
  'ferrule-on-wire',
  'ferrule-in-jaw',
  'wings-in-notch',
  'close-until-held',
  'close-until-touching',
  'wire-bottoms',
  'wire-to-stop',
  'wire-to-edge',
  'wire-shows',
  'wire-meets-stop',
  'squeeze-until-free',
  'squeeze-conductor',
  'squeeze-insulation',
  'fold-one-wing',
  'fold-other-wing',
  'fold-insulation',
  'shrink-sleeve',
] as const
export type StrokeLineId = (typeof strokeLineIds)[number]

export interface StrokeLine {
  readonly id: StrokeLineId
  /** how it looks when the line is done */
  readonly ends: StrokeScene
  /** the share of it at which a still picture shows what is done, where its end shows it no more */
  readonly stillAt?: number
  /** the look that the hand answers in doing it, before anything is closed */
  readonly look?: LookCode
}

/** How a tool's stroke goes, and whether it holds on once begun: then it lets go only at its end, or by a lever. */
interface Stroke {
  readonly lines: (contact: Contact, hasWireStop: boolean) => readonly StrokeLine[]
  readonly holdsOn: boolean
}

export const strokeBegins: StrokeScene = { contactIn: 0, closed: 0, wireIn: 0, warm: 0, onStrip: 0, over: 'all' }

/** Wings are held, and not yet folded, when jaws have come this far. */
export const HELD = 0.35

/** How far wings are folded, or a barrel is pressed, when jaws have come so far: nothing until they hold. */
export const pressed = (closed: number): number => Math.max(0, closed - HELD) / (1 - HELD)

/** Each line adds to what the one before it left. */
const routine = (
  ...lines: readonly (readonly [StrokeLineId, Partial<StrokeScene>, LookCode?])[]
): readonly StrokeLine[] => {
  let scene = strokeBegins
  return lines.map(([id, change, look]) => {
    scene = { ...scene, ...change }
    return { id, ends: scene, ...(look && { look }) }
  })
}

const isIn = { contactIn: 1 }
const isHeld = { closed: HELD }
const isHome = { wireIn: 1 }
const isClosed = { closed: 1 }

/** A barrel lies in a nest: the wire goes to what its shape shows, and a sleeve that shrinks is warmed afterwards. */
const barrelInNest = (contact: Contact, holdsOn: boolean) =>
  routine(
    ['barrel-in-nest', isIn],
    ...(holdsOn ? ([['close-until-held', isHeld]] as const) : []),
    [isSleeve(contact) && terminalShapes[contact.shape].joins ? 'wire-meets-stop' : 'wire-shows', isHome],
    [holdsOn ? 'squeeze-until-free' : 'squeeze-conductor', isClosed],
    ...(isSleeve(contact) && contact.shrinks ? ([['shrink-sleeve', { warm: 1 }]] as const) : []),
  )

const strokes: Readonly<Record<ToolClass, Stroke | undefined>> = {
  'four-indent-positioned': {
    holdsOn: true,
    lines: () =>
      routine(['into-positioner', isIn], ['wire-bottoms', isHome, 'bottomed-hard'], ['squeeze-until-free', isClosed]),
  },
  'four-indent-plain': {
    holdsOn: true,
    lines: () =>
      routine(
        ['held-at-mark', isIn],
        ['close-until-touching', isHeld],
        ['wire-bottoms', isHome, 'bottomed-hard'],
        ['squeeze-until-free', isClosed],
      ),
  },
  'parallel-die': {
    holdsOn: true,
    lines: (_, hasWireStop) =>
      routine(
        ['wings-up-in-locator', isIn],
        ['close-until-held', isHeld],
        [hasWireStop ? 'wire-to-stop' : 'wire-to-edge', isHome],
        ['squeeze-until-free', isClosed],
      ),
  },
  'nest-ratchet': {
    holdsOn: true,
    lines: (contact) =>
      isSleeve(contact)
        ? barrelInNest(contact, true)
        : routine(
            ['wings-up-in-nest', isIn],
            ['close-until-held', isHeld],
            ['wire-to-edge', isHome],
            ['squeeze-until-free', isClosed],
          ),
  },
  'notch-pliers': {
    holdsOn: false,
    lines: (contact) =>
      isSleeve(contact)
        ? barrelInNest(contact, false)
        : routine(
            ['wings-in-notch', { ...isIn, over: 'conductor' }],
            ['wire-to-edge', isHome],
            ['squeeze-conductor', isClosed],
            ['squeeze-insulation', { over: 'insulation' }],
          ),
  },
  'plain-pliers': {
    holdsOn: false,
    lines: () =>
      routine(
        ['wire-to-edge', { ...isIn, ...isHome, over: 'conductor' }],
        ['fold-one-wing', { closed: 0.5 }],
        ['fold-other-wing', isClosed],
        ['fold-insulation', { over: 'insulation' }],
      ),
  },
  'ferrule-square': {
    holdsOn: true,
    lines: () => routine(['ferrule-on-wire', isHome], ['ferrule-in-jaw', isIn], ['squeeze-until-free', isClosed]),
  },
  'sleeve-nest': { holdsOn: true, lines: (contact) => barrelInNest(contact, true) },
  stripper: undefined,
  release: undefined,
  gauge: undefined,
  'torque-cable': undefined,
}

/**
 * The stroke of a tool on a contact, line by line, in the order in which the hands do it. None for a tool that does not crimp.
 * @param hasWireStop the tool's wire stop is set: the wire is pushed against it
 */
export function strokeRoutine(of: ToolClass, contact: Contact, hasWireStop: boolean): readonly StrokeLine[] {
  const lines = strokes[of]?.lines(contact, hasWireStop) ?? []
  return lines.length > 0 && tabMmOf(contact) !== undefined
    ? [{ id: 'off-strip', ends: strokeBegins, stillAt: 0.5 }, ...lines]
    : lines
}

/** How much of a carrier strip's tab may stay on a contact, mm; undefined for one that comes loose. */
export const tabMmOf = (contact: Contact): number | undefined => (isSleeve(contact) ? undefined : contact.tabMm)

/** Once begun, the tool holds on until the end of the stroke. */
export const holdsOn = (of: ToolClass): boolean => toolClasses[of].crimps && strokes[of]?.holdsOn === true

/** What moves in a line of a stroke: a picture points at it. */
export type StrokeMoves = 'contact' | 'wire' | 'jaws' | 'warm'

/** What a line of a stroke moves; of several, what it is about. */
export function strokeMoves(lines: readonly StrokeLine[], index: number): StrokeMoves {
  const to = lines[index]?.ends ?? strokeBegins
  const from = lines[index - 1]?.ends ?? strokeBegins
  if (to.warm > from.warm) return 'warm'
  if (to.closed > from.closed || to.over !== from.over) return to.contactIn > from.contactIn ? 'contact' : 'jaws'
  return to.wireIn > from.wireIn ? 'wire' : 'contact'
}

/** A scene on the way from one line's end to the next. */
export function strokeAt(lines: readonly StrokeLine[], index: number, share: number): StrokeScene {
  const to = lines[index]?.ends ?? strokeBegins
  const from = lines[index - 1]?.ends ?? { ...strokeBegins, onStrip: Number(lines[0]?.id === 'off-strip') }
  // another pair of wings is taken: the jaws open first, and close on it
  const again = to.over !== from.over && from.closed > HELD
  const way = (key: 'contactIn' | 'closed' | 'wireIn' | 'warm' | 'onStrip') => from[key] + (to[key] - from[key]) * share
  return {
    contactIn: way('contactIn'),
    wireIn: way('wireIn'),
    warm: way('warm'),
    onStrip: way('onStrip'),
    closed: again ? share : way('closed'),
    over: to.over,
  }
}
