import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { constructions } from '../../parts/catalogue/constructions'
import { defects, looks, type DefectCode } from '../crimp/looks'
import { madeWith } from './defectMade'
import { pieceMade } from './pieceMade'
import { specimen } from './specimen'
import { specimenBody } from './specimenBody'
import type { CrimpMade, CrimpSeen } from './specimenTypes'
import type { ChosenSet } from '../setup/chosenSet'

const shelf = demoShelf()
const found = <T>(one: T | undefined, name: string): T => {
  if (one === undefined) throw new Error(name)
  return one
}
const type = found(shelf.wireTypes.get('TW-0.5'), 'TW-0.5')
const contact = (id: string) => found(shelf.contacts.get(id), id)
const set = (nominalMm: number): ChosenSet => ({
  contact: 'x',
  setup: { tool: 'PF-10' },
  strip: {
    minMm: nominalMm - 0.4,
    nominalMm,
    maxMm: nominalMm + 0.4,
    limits: { below: 'brush-too-short', above: 'bare-under-insulation-wings' },
  },
  stripFrom: 'dimensions',
  source: 's',
  estimate: false,
})
const ferrule = found(
  [...shelf.contacts.values()].find(
    (one) => one.construction === 'sleeve' && one.barrel !== undefined && one.shape === 'ferrule',
  ),
  'ferrule',
)
const closed = pieceMade(contact('CM-SK-N'), type, set(5.85))
const open = pieceMade(contact('SC-03-08'), type, set(3.8))
const sleeve = pieceMade(ferrule, type, set(ferrule.construction === 'sleeve' ? (ferrule.barrel?.depthMm ?? 0) : 0))

/** Where the hole's near rim lies from the bottom of the closed barrel of 5.2 mm. */
const body = specimenBody(closed.contact)
const holeRimMm = body.kind === 'closed' ? body.depthMm - body.holeAtMm : NaN
const reachMm = (() => {
  const wings = specimenBody(open.contact)
  return wings.kind === 'open' ? wings.reachMm : NaN
})()

test.each<[string, CrimpMade, DefectCode, (bad: CrimpSeen, good: CrimpSeen, made: CrimpMade) => boolean]>([
  [
    'closed',
    closed,
    'hole-empty',
    (bad, good, made) => made.endShortMm > holeRimMm && Math.abs(bad.gapMm - good.gapMm) < 1e-9,
  ],
  ['closed', closed, 'not-bottomed', (bad, good, made) => made.endShortMm > 1 && bad.gapMm > good.gapMm + 1],
  ['closed', closed, 'gap-too-large', (bad, _good, made) => bad.gapMm > 1 && made.endShortMm === 0],
  ['closed', closed, 'insulation-in-barrel', (bad) => bad.gapMm < 0 && bad.held < 1],
  ['open', open, 'brush-too-short', (bad, good) => bad.brushMm <= 0 && Math.abs(bad.gapMm - good.gapMm) < 1e-9],
  [
    'open',
    open,
    'brush-reaches-mating-part',
    (bad, good) => bad.brushMm > reachMm && Math.abs(bad.gapMm - good.gapMm) < 1e-9,
  ],
  // told apart from the strip that is too long: the strip is right, the insulation under the wings
  [
    'open',
    open,
    'insulation-under-wings',
    (bad, _good, made) => bad.gapMm < 0 && made.stripMm === open.stripMm && bad.brushMm > 1,
  ],
  [
    'open',
    open,
    'bare-under-insulation-wings',
    (bad, good) => bad.gapMm > 0.8 && Math.abs(bad.brushMm - good.brushMm) < 1e-9,
  ],
  ['open', open, 'wings-open', (bad, good) => bad.pullN < good.pullN * 0.5],
  ['ferrule', sleeve, 'tip-not-reached', (bad) => bad.brushMm === -2 && bad.held < 1],
  ['ferrule', sleeve, 'strands-past-tip', (bad) => bad.brushMm > 1.5],
  ['closed', closed, 'under-crimped', (bad, good) => bad.voidShare > good.voidShare && bad.breaks === 'pulled-out'],
  ['closed', closed, 'over-crimped', (bad, good) => bad.voidShare < good.voidShare && bad.breaks === 'broke-at-crimp'],
  ['closed', closed, 'indents-off-band', (bad, good) => bad.held < good.held],
  ['closed', closed, 'strands-cut', (bad, good) => bad.pullN < good.pullN * 0.75],
])('%s barrel, %s: made so that it shows', (_name, sound, defect, shows) => {
  const made = madeWith(sound, defect)
  expect(shows(specimen(made), specimen(sound), made)).toBe(true)
})

test.each<[string, CrimpMade, DefectCode]>([
  ['closed', closed, 'hole-empty'],
  ['closed', closed, 'gap-too-large'],
  ['open', open, 'brush-too-short'],
  ['open', open, 'bare-under-insulation-wings'],
  ['open', open, 'brush-reaches-mating-part'],
  ['ferrule', sleeve, 'tip-not-reached'],
])('%s barrel, its strip measured and right: depth alone explains it', (_name, sound, defect) => {
  const made = madeWith(sound, defect, true)
  expect(made.stripMm).toBe(sound.stripMm)
  expect(made.endShortMm).not.toBe(sound.endShortMm)
  // pushed less far, the gap grows by as much as the brush shrinks
  expect(specimen(made).gapMm - specimen(sound).gapMm).toBeCloseTo(specimen(sound).brushMm - specimen(made).brushMm, 9)
})

test('no defect makes a piece hold more, and all that can be found at a construction leaves a strip', () => {
  for (const [id, sound] of [
    ['closed-barrel', closed],
    ['open-barrel', open],
    ['sleeve', sleeve],
  ] as const) {
    const faults = constructions[id].looks(sound.contact).flatMap((look) => looks[look].faults)
    expect(faults.length).toBeGreaterThan(5)
    for (const defect of faults) {
      const made = madeWith(sound, defect)
      expect(specimen(made).pullN, defect).toBeLessThanOrEqual(specimen(sound).pullN + 1e-9)
      expect(made.stripMm, defect).toBeGreaterThan(0)
    }
  }
})

test('a defect that the model does not know leaves the piece as it is', () => {
  const unknown = (Object.keys(defects) as DefectCode[]).filter((defect) => madeWith(open, defect) === open)
  expect(unknown).toEqual(expect.arrayContaining(['seal-torn', 'lance-down', 'tab-long']))
  expect(madeWith(open, undefined)).toBe(open)
})
