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
  doubled: (pins) => `two contents in one hole: ${pins}`,
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
