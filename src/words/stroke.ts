import type { StrokeLineId } from '@/core/craft/stroke/strokeRoutine'
import type { StrokeFigures } from '@/core/craft/stroke/strokeFigures'
import { mm, mmRange, shortMm } from './figures'

/** A line of the stroke: what the hands do, what to mind, what the button says, and a few words below its picture. */
export interface StrokeLineWords {
  readonly line: string
  readonly hint?: string
  readonly seen: string
  readonly short: string
}

const wide = 'wide wings toward the wire'
const clearOf = (figures: StrokeFigures) =>
  figures.springs ? `${wide}; front and lance clear of the jaw` : `${wide}; the front clear of the jaw`
const seamWords = {
  'indent-away': 'seam away from the indent',
  'indent-on': 'seam under the indent',
  none: 'flared end toward the wire',
} as const

/** What each line of a stroke says, with the figures of the setup and of the contact in it. */
export const strokeLineWords: Readonly<Record<StrokeLineId, (figures: StrokeFigures) => StrokeLineWords>> = {
  'off-strip': (figures) => ({
    line: 'Off its strip: bend it to and fro at the notch',
    hint: `never with cutters at the wings; ${figures.tabMm === undefined ? 'the tab short' : `tab at most ${mm(figures.tabMm)}`}`,
    seen: 'It is off, tab short',
    short: 'Bend it off the strip',
  }),
  'into-positioner': () => ({
    line: 'Contact into the positioner, mating end first',
    hint: 'until it stands; the hole looks at you',
    seen: 'It stands in it',
    short: 'Contact in, to its stand',
  }),
  'held-at-mark': () => ({
    line: 'Contact in by hand, its end at the mark',
    hint: 'hole clear of the indenters; nothing stops it but you',
    seen: 'It is at the mark',
    short: 'Contact in, to the mark',
  }),
  'wings-up-in-locator': (figures) => ({
    line: 'Wings up, into the locator',
    hint: clearOf(figures),
    seen: 'Wings are up',
    short: 'Lay it in, wings up',
  }),
  'wings-up-in-nest': (figures) => ({
    line: figures.nest === undefined ? 'Wings up, wide side at the wire' : `Wings up in nest ${figures.nest}`,
    hint: `${clearOf(figures)}, wings flush with its edge`,
    seen: 'Wings are up',
    short: 'Lay it in, wings up',
  }),
  'barrel-in-nest': (figures) => ({
    line: figures.nest === undefined ? 'Barrel into the nest' : `Barrel into nest ${figures.nest}`,
    hint: [figures.sleeveMark, seamWords[figures.seam], 'square to the jaw']
      .filter((one) => one !== undefined)
      .join('; '),
    seen: 'It lies in its nest',
    short: 'Barrel into the nest',
  }),
  'ferrule-on-wire': (figures) => ({
    line: 'Ferrule on, strands level with its tip',
    hint: figures.collared ? 'insulation inside the collar, no strand left outside' : 'no strand left outside',
    seen: 'All strands are in',
    short: 'Ferrule on the wire',
  }),
  'ferrule-in-jaw': (figures) => ({
    line: figures.collared ? 'Into the jaw, up to the collar' : 'Into the jaw, up to the flared end',
    hint: 'the collar stays outside: a jaw cuts it',
    seen: 'It is in the jaw',
    short: 'Into the jaw',
  }),
  'wings-in-notch': (figures) => ({
    line: figures.nest === undefined ? 'Conductor wings into the notch' : `Conductor wings into notch ${figures.nest}`,
    hint: `wings toward the groove that curls them; ${wide}`,
    seen: 'They lie in it',
    short: 'Conductor wings in',
  }),
  'close-until-held': () => ({
    line: 'Close until it just holds',
    hint: 'a click or two, wings not folded yet',
    seen: 'It is held',
    short: 'Close until it holds',
  }),
  'close-until-touching': () => ({
    line: 'Close until the indenters touch',
    hint: 'held, not pressed; still at its mark?',
    seen: 'They touch',
    short: 'Close until they touch',
  }),
  'wire-bottoms': () => ({
    line: 'Wire in until it stops hard',
    hint: 'springy is insulation in the barrel; hold it there',
    seen: 'It stops hard',
    short: 'Wire in, to the bottom',
  }),
  'wire-to-stop': (figures) => ({
    line:
      figures.wireStopMm === undefined
        ? 'Wire in, to the stop'
        : `Wire in, to the stop at ${shortMm(figures.wireStopMm)}`,
    hint: 'touch it, do not push: insulation ends between the wings',
    seen: 'It touches the stop',
    short: 'Wire in, to the stop',
  }),
  'wire-to-edge': (figures) => ({
    line:
      figures.brush === undefined
        ? 'Wire in until strands show at the front edge'
        : `Wire in until ${mmRange(figures.brush.minMm, figures.brush.maxMm, 1)} of strand show`,
    hint: 'insulation ends between the wings; hold it there',
    seen: 'Strands show',
    short: 'Wire in, to the edge',
  }),
  'wire-shows': (figures) => ({
    line:
      figures.brush === undefined
        ? 'Wire in until conductor shows at the front'
        : `Wire in until ${mmRange(figures.brush.minMm, figures.brush.maxMm, 1)} show at the front`,
    hint: 'insulation at the barrel, none inside',
    seen: 'Conductor shows',
    short: 'Wire in, until it shows',
  }),
  'wire-meets-stop': () => ({
    line: 'Wire in, to the stop in the middle',
    hint: 'this half of the splice; the other wire has a crimp of its own',
    seen: 'It is at the stop',
    short: 'Wire in, to the stop',
  }),
  'squeeze-until-free': () => ({
    line: 'Squeeze until it lets go',
    hint: 'one stroke, wire held still; it opens by itself',
    seen: 'It let go',
    short: 'Squeeze until it lets go',
  }),
  'squeeze-conductor': () => ({
    line: 'Squeeze to the end',
    hint: 'until the handles stop; look before you let go',
    seen: 'It is closed',
    short: 'Squeeze to the end',
  }),
  'squeeze-insulation': () => ({
    line: 'Wide wings into the wide notch, squeeze again',
    hint: 'round the insulation: held, not cut',
    seen: 'Both are closed',
    short: 'Second stroke: wide wings',
  }),
  'fold-one-wing': () => ({
    line: 'Fold one conductor wing down',
    hint: 'tight on the strands, square to the wire',
    seen: 'One is down',
    short: 'One wing down',
  }),
  'fold-other-wing': () => ({
    line: 'Fold the other one over it, press home',
    hint: 'no strand between the wings',
    seen: 'Both are down',
    short: 'The other over it',
  }),
  'fold-insulation': () => ({
    line: 'Wide wings round the insulation',
    hint: 'held, not cut',
    seen: 'Insulation is held',
    short: 'Wide wings round it',
  }),
  'shrink-sleeve': () => ({
    line: 'Warm the sleeve, from the middle out',
    hint: 'turn it; done when it is tight and glue shows all round. No open flame near solvents',
    seen: 'It is tight all round',
    short: 'Shrink the sleeve',
  }),
}

/** What a piece that is given up at the lever costs, as a line. */
export const strokeLossWords = (usedMm: number, slackMm: number | undefined): string =>
  slackMm === undefined
    ? `That piece is scrap: ${mm(usedMm, 0)} of wire go.`
    : `That piece is scrap: ${mm(usedMm, 0)} of ${mm(slackMm, 0)} slack go.`
