import type { DiagnosisFault, Mistake, MistakeKind } from '@/core/craft/diagnosis/diagnosisTypes'
import { list } from './figures'

/** What a mistake is called: in an end's pins, or in points where nobody can say at which end. */
const what: Readonly<Record<MistakeKind, (pins: string) => string>> = {
  swap: (pins) => `${pins} changed places`,
  rotation: (pins) => `a row was begun at another hole: ${pins}`,
  mirror: (pins) => `the face was read from the wrong side: ${pins}`,
  shift: (pins) => `all of these stand one hole on: ${pins}`,
  'row-restart': (pins) => `the row was begun at its other side: ${pins}`,
  open: (pins) => `open between ${pins}`,
  short: (pins) => `${pins} touch`,
  doubled: (pins) => `two contacts in one hole: ${pins}`,
  'high-resistance': (pins) => `too much resistance between ${pins}`,
}

/** A mistake in one sentence, with every place that would explain it alike. */
export function mistakeWords({ kind, places, pins }: Mistake): string {
  const [only, ...others] = places
  // what has parted or touches lies between its points: they are said once
  if (!only || others.length === 0 || kind === 'open' || kind === 'short' || kind === 'high-resistance')
    return `${only && others.length === 0 ? `at ${only.end}: ` : ''}${what[kind](list(pins, 8))}`
  return places.map((place) => `at ${place.end}: ${what[place.kind](list(place.pins, 8))}`).join('; or ')
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

const title: Readonly<Record<MistakeKind, string>> = {
  swap: 'two contacts changed places',
  rotation: 'a row begun at another hole',
  mirror: 'read from the wrong side',
  shift: 'one hole on',
  'row-restart': 'a row begun at its other side',
  open: 'open',
  short: 'two nets touch',
  doubled: 'two contacts in one hole',
  'high-resistance': 'too much resistance',
}

/** A mistake as a heading: where it may be, and what it is. */
export const mistakeTitle = ({ places, kind }: Mistake): string =>
  `${places.length === 0 ? '' : `At ${places.map(({ end }) => end).join(' or ')}: `}${title[kind]}`

const look: Readonly<Record<MistakeKind, string>> = {
  swap: 'Count both cavities from the key, on the wire face, and read the labels of their wires.',
  rotation: 'Find the first cavity of the row from the key, and read its labels one after the other.',
  mirror: 'Look which face is in front: cavity 1 stands on the other side when it is turned round.',
  shift: 'Find the empty hole of the row: all behind it stand one hole on.',
  'row-restart': 'Find where the row begins: it was numbered on from its other side.',
  open: 'Tug the wire at both ends, then look: a contact that is not home, a crimp that has let go, a wire that is broken.',
  short: 'Look for a stray strand between them, and for a contact that stands crooked.',
  doubled: 'Look into both cavities: one holds two, or two wires share a crimp that they should not.',
  'high-resistance': 'Look at both crimps, then at both contacts: dirt, a spread socket, few strands.',
}

/** What to look at first. */
export const lookFirst = ({ kind }: Mistake): string => look[kind]
