import { expect, test } from 'vitest'
import { sevenLeads } from '../../views/sevenLeads.testing'
import { cutLengthMm, slackOf, tryMm } from './slack'

const wireOf = ({ state }: ReturnType<typeof sevenLeads>) =>
  state.plan.wires[0] ??
  (() => {
    throw new Error('wire')
  })()

test('a try costs the old strip, what the insulation wings held, and room for the cutter', () => {
  const { state, set } = sevenLeads()
  // SC-09-18: strip 4.4 in the middle, insulation wings 3.0, cutter 2.0: 9.4, up to the whole millimetre
  const contact = state.facts.contacts[set.contact]
  const barrel = contact?.construction === 'open-barrel-sealed' ? contact.barrel : undefined
  expect(tryMm(contact, set)).toBe(Math.ceil(set.strip.nominalMm + (barrel?.insulationBarrelMm ?? NaN) + 2))
  expect(tryMm(undefined, set)).toBe(Math.ceil(set.strip.nominalMm + 2))
  // folded back, both legs come off together
  expect(tryMm(undefined, { ...set, foldBack: true })).toBe(Math.ceil(set.strip.nominalMm / 2 + 2))
})

test.each([0, 1, 3])(
  'with %i tries in the rules the wire is cut that much longer, and the ledger counts them down',
  (redoTries) => {
    const bench = sevenLeads({ redoTries })
    const { state, put } = bench
    const wire = wireOf(bench)
    const before = slackOf(state, 1, wire, 'a')
    if (!before) throw new Error('slack')
    expect(cutLengthMm(state, wire)).toBe(400 + redoTries * before.tryMm)
    expect(before).toMatchObject({
      cutMm: 400 + redoTries * before.tryMm,
      neededMm: 400,
      leftMm: redoTries * before.tryMm,
      triesLeft: redoTries,
      usedHereMm: 0,
    })
    expect(put({ kind: 'strip-mended', term: '1/W1/a', how: 'cut-back', byMm: before.tryMm })).toBeUndefined()
    expect(slackOf(state, 1, wire, 'a')).toMatchObject({
      triesLeft: Math.max(0, redoTries - 1),
      usedHereMm: before.tryMm,
    })
  },
)

test('a wire that is cut longer by hand has the more tries', () => {
  const bench = sevenLeads({ redoTries: 0 })
  const { state } = bench
  state.cuts.set('1/W1', { lengthMm: 425 })
  const slack = slackOf(state, 1, wireOf(bench), 'a')
  expect(slack?.triesLeft).toBe(Math.floor(25 / (slack?.tryMm ?? NaN)))
})

test('a wire without slack goes as a whole: cut again, its ends begin anew, what was lost is counted', () => {
  const { state, put } = sevenLeads()
  expect(put({ kind: 'wire-scrapped', unit: 1, wire: 'W1', why: 'too short for another try' })).toBeUndefined()
  expect(state.cuts.has('1/W1')).toBe(false)
  expect(state.terms.get('1/W1/a')?.stripped).toBeUndefined()
  expect(state.wiresLost.get('1/W1')?.count).toBe(1)
  expect(put({ kind: 'wire-scrapped', unit: 1, wire: 'W1', why: 'again' })).toEqual({ kind: 'not-yet', what: 'cut' })
  expect(put({ kind: 'wire-scrapped', unit: 1, wire: 'W99', why: 'x' })).toEqual({
    kind: 'unknown',
    what: 'wire',
    id: 'W99',
  })
})
