import { expect, test } from 'vitest'
import type { DeviceFault } from '@/core/base/instrument/deviceFault'
import { instruments } from '@/core/base/instrument/instruments'
import { practices } from '@/core/craft/crimp/practices'
import { releaseEndings, setupParts, type SetupPart } from '@/core/craft/crimp/setupPart'
import type { Refusal } from '@/core/record/journal/entryKind'
import { pieceFaults } from '@/core/craft/specimen/pieceMade'
import { sightings, type ForTheNext, type TrialAnswer } from '@/core/craft/strip/trialAnswer'
import { deviceFaultWords, instrumentWords, pieceFaultWords } from './devices'
import { entryWords } from './entries'
import { photoFaultWords, photoTooLargeWords } from './photos'
import { breakWords, endingWords, practiceWords, setupPartWords } from './practices'
import { refusalWords } from './refusals'
import { trendWords } from './stats'
import { answerWords, nextWords, sightingWords } from './strip'

test.each<[DeviceFault, string]>([
  [{ kind: 'no-address' }, 'No instrument is set up here. Say where it is, or type the figure.'],
  [
    { kind: 'unreachable', host: 'tester.bench', port: 5025 },
    'Nothing answers at tester.bench:5025. Is it on, is its cable in? Try again, or type the figure.',
  ],
  [
    { kind: 'timeout', asked: 'MEAS:FORC?', afterMs: 2000 },
    'No answer to MEAS:FORC? within 2 s. Try again, or type the figure.',
  ],
  [
    { kind: 'broken-off', asked: 'TRAC:PULL?', got: '0.002,9' },
    'The link broke in the middle of a line (“0.002,9”). No figure was taken: measure another piece, or type the figure.',
  ],
  [
    { kind: 'broken-off', asked: 'TRAC:PULL?', got: '' },
    'The link broke. No figure was taken: measure another piece, or type the figure.',
  ],
  [
    { kind: 'rubbish', asked: 'MEAS:HEIG?', got: 'hello' },
    'It answered “hello” to MEAS:HEIG?, which is no reading. Try again, or type the figure.',
  ],
  [
    { kind: 'out-of-range', value: 9.91e37, min: 0.05, max: 25, unit: 'mm' },
    'It has nothing to measure: lay a piece in, then again.',
  ],
  [
    { kind: 'out-of-range', value: 5200, min: 0, max: 5000, unit: 'N' },
    '5200 N is outside what it can measure (0 to 5000 N). Nothing was taken.',
  ],
  [
    { kind: 'wrong-unit', got: 'LBF', expected: 'N' },
    'It is set to LBF, N is expected. Set it back: nothing was taken.',
  ],
  [{ kind: 'refused', asked: 'X', number: -113, text: 'Undefined header' }, 'It refused X: Undefined header.'],
  [{ kind: 'other-instrument', got: 'A,B,C,D', expected: 'TARN-P' }, '“A,B,C,D” answers there, a TARN-P is expected.'],
  [{ kind: 'stopped' }, 'Stopped. Nothing was taken.'],
])('an instrument that gives no figure: %j', (fault, words) => {
  expect(deviceFaultWords(fault)).toBe(words)
})

test.each<[Refusal, string]>([
  [{ kind: 'practice-forbidden', practice: 'solder' }, 'These house rules forbid it: soldered.'],
  [{ kind: 'pull-due', setup: 'x', every: 25 }, 'One piece in 25 is pulled to destruction here: pull one, then go on.'],
  [
    { kind: 'new-day', released: '2026-11-24' },
    'The setup was released on 24 Nov 2026. These house rules begin each day with a first piece: press N.',
  ],
  [{ kind: 'tool-unverified', tool: 'QF-5' }, 'QF-5 is not verified since its adjuster was turned: gauge it first.'],
  [{ kind: 'figure-missing', part: 'wire-stop' }, 'Say the figure in mm to which it was set.'],
  [{ kind: 'outside-window', toMm: 31, minMm: 2, maxMm: 6 }, '31 mm cannot be meant: it should be 2 to 6 mm.'],
  [
    { kind: 'implausible', figure: 'height', value: 33, min: 0.6, max: 2.7 },
    '33 mm cannot be the height of this crimp (about 1.2 to 1.35 mm). Is it in millimetres, and this piece?',
  ],
  [
    { kind: 'implausible', figure: 'pull', value: 5200, min: 0, max: 375 },
    '5200 N is more than copper of this wire holds (about 375 N). Is it in newtons? An alloy may hold more.',
  ],
  [{ kind: 'already', what: 'ended' }, 'That is at an end already.'],
  [{ kind: 'unknown', what: 'practice', id: 'glue' }, 'There is no practice glue in this job.'],
])('an entry that cannot be written: %j', (refusal, words) => {
  expect(refusalWords(refusal)).toBe(words)
})

const answer = (more: Partial<TrialAnswer>): TrialAnswer => ({ do: 'go-on', costMm: 0, slack: 'enough', ...more })
test.each<[TrialAnswer, string]>([
  [answer({ do: 'strip-more', byMm: 0.4 }), 'Strip 0.4 mm more'],
  [answer({ do: 'strip-more', byMm: 0.5, smallBite: true }), 'Strip a small bite, 0.5 mm, then try again'],
  [answer({ do: 'trim-conductor', byMm: 1.2 }), 'Trim 1.2 mm off the conductor'],
  [answer({ do: 'draw-back', byMm: 1 }), 'Draw the wire back 1 mm'],
  [
    answer({ do: 'draw-back', byMm: 0.5, smallBite: true }),
    'Draw the wire back a little, until the edge is between the wings',
  ],
  [answer({ do: 'push-home' }), 'Push it home: the strip is right'],
  [answer({ do: 'cut-back' }), 'Cut back and strip again'],
  [answer({ do: 'measure' }), 'Measure what you see: only a figure says how much is too much'],
  [answer({}), 'Go on: it is inside its window'],
])('what to do about a strip: %j', (given, words) => {
  expect(answerWords(given)).toBe(words)
})

test.each<[ForTheNext, string]>([
  [{ kind: 'strip-stop', toMm: 3.1 }, 'stripper’s stop to 3.1 mm'],
  [{ kind: 'wire-stop' }, 'wire stop a little forward'],
  [{ kind: 'stop-gently' }, 'stop as soon as it is felt'],
  [{ kind: 'larger-notch' }, 'one notch larger, or new blades'],
])('what to set for the next: %j', (next, words) => {
  expect(nextWords(next)).toBe(words)
})

test.each<[SetupPart, string | undefined, string]>([
  ['strip-stop', '3.1 mm', 'Stripper’s stop to 3.1 mm'],
  ['wire-stop', '4 mm', 'Wire stop to 4 mm'],
  ['selector', '6', 'Selector back to 6'],
  ['positioner', 'QP-3', 'Latch QP-3 again'],
  ['die', 'D2', 'Set D2 in again'],
  ['die', undefined, 'Set the die in again'],
  ['locator', undefined, 'Set the locator again'],
  ['frame', undefined, 'Clean and gauge the frame'],
])('setting %s to %s is offered as “%s”', (part, to, words) => {
  expect(setupPartWords[part](to)).toBe(words)
})

test('a trend says how many and which way', () => {
  expect(trendWords('high', 6)).toBe('six in a row, each above the one before')
  expect(trendWords('low', 8)).toBe('eight in a row, each below the one before')
  expect(trendWords('low', 14)).toBe('14 in a row, each below the one before')
})

test('a file that is no photo is told what would be one', () => {
  expect(photoFaultWords({ kind: 'no-picture' })).toContain('Give a JPEG, a PNG or a WebP')
  expect(photoFaultWords({ kind: 'other-type', type: 'svg' })).toBe(
    'A SVG is not kept here. Give a JPEG, a PNG or a WebP.',
  )
  expect(photoFaultWords({ kind: 'too-many-pixels' })).toContain('Make it smaller')
  expect(photoTooLargeWords(24_000_000)).toContain('larger than 24 MB. Nothing was kept')
})

/** Sentences of one table must differ: two codes that read alike cannot be told apart at the bench. */
const apart = (words: readonly string[]) => expect(new Set(words).size).toBe(words.length)

test('whatever can be said, seen, done or set has words of its own', () => {
  apart(Object.values(practices).map((one) => practiceWords[one.id].name))
  apart(Object.values(practices).map((one) => practiceWords[one.id].act))
  apart([...new Set([...releaseEndings, ...(Object.keys(setupParts) as SetupPart[])])].map((one) => endingWords[one]))
  for (const kinds of Object.values(sightings)) apart(kinds.map((one) => sightingWords[one.id]))
  apart((Object.keys(pieceFaults) as (keyof typeof pieceFaults)[]).map((one) => pieceFaultWords[one]))
  apart(Object.values(instruments).map((one) => instrumentWords[one.id].name))
  apart(Object.values(breakWords))
  apart(Object.values(entryWords))
})
