import type { DiagnosisFault, Mistake, MistakeKind } from '@/core/craft/diagnosis/diagnosisTypes'
import { list } from './figures'

/** What a mistake is called, how it is said of pins, and what is looked at first. */
const mistakes: Readonly<
  Record<MistakeKind, { readonly title: string; readonly of: (pins: string) => string; readonly look: string }>
> = {
  swap: {
    title: 'two contacts changed places',
    of: (pins) => `${pins} changed places`,
    look: 'Count both cavities from the key, on the wire face, and read the labels of their wires.',
  },
  rotation: {
    title: 'a row begun at another hole',
    of: (pins) => `a row was begun at another hole: ${pins}`,
    look: 'Find the first cavity of the row from the key, and read its labels one after the other.',
  },
  mirror: {
    title: 'read from the wrong side',
    of: (pins) => `the face was read from the wrong side: ${pins}`,
    look: 'Look which face is in front: cavity 1 stands on the other side when it is turned round.',
  },
  shift: {
    title: 'one hole on',
    of: (pins) => `all of these stand one hole on: ${pins}`,
    look: 'Find the empty hole of the row: all behind it stand one hole on.',
  },
  'row-restart': {
    title: 'a row begun at its other side',
    of: (pins) => `the row was begun at its other side: ${pins}`,
    look: 'Find where the row begins: it was numbered on from its other side.',
  },
  open: {
    title: 'open',
    of: (pins) => `open between ${pins}`,
    look: 'Tug the wire at both ends, then look: a contact that is not home, a crimp that has let go, a wire that is broken.',
  },
  short: {
    title: 'two nets touch',
    of: (pins) => `${pins} touch`,
    look: 'Look for a stray strand between them, and for a contact that stands crooked.',
  },
  doubled: {
    title: 'two contacts in one hole',
    of: (pins) => `two contacts in one hole: ${pins}`,
    look: 'Look into both cavities: one holds two, or two wires share a crimp that they should not.',
  },
  'high-resistance': {
    title: 'too much resistance',
    of: (pins) => `too much resistance between ${pins}`,
    look: 'Look at both crimps, then at both contacts: dirt, a spread socket, few strands.',
  },
}

/** A mistake in one sentence, with every place that would explain it alike. */
export function mistakeWords({ kind, places, pins }: Mistake): string {
  const [only, ...others] = places
  // what has parted or touches lies between its points: they are said once
  if (!only || others.length === 0 || kind === 'open' || kind === 'short' || kind === 'high-resistance')
    return `${only && others.length === 0 ? `at ${only.end}: ` : ''}${mistakes[kind].of(list(pins, 8))}`
  return places.map((place) => `at ${place.end}: ${mistakes[place.kind].of(list(place.pins, 8))}`).join('; or ')
}

/** What is wrong with measurements that are to be explained. */
export function diagnosisFaultWords(fault: DiagnosisFault): string {
  switch (fault.kind) {
    case 'unknown-point':
      return `${fault.point} is no pin of these ends: points are an end and a pin, like A.7`
    case 'point-twice':
      return `${fault.point} belongs to two nets: a point belongs to one`
    case 'reading-contradicts':
      return `${fault.pair.join(' and ')} were found apart, and yet there is a resistance between them: measure again`
  }
}

/** A mistake as a heading: where it may be, and what it is. */
export const mistakeTitle = ({ places, kind }: Mistake): string =>
  `${places.length === 0 ? '' : `At ${places.map(({ end }) => end).join(' or ')}: `}${mistakes[kind].title}`

/** What to look at first. */
export const lookFirst = ({ kind }: Mistake): string => mistakes[kind].look
