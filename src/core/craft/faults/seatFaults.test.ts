import { expect, test } from 'vitest'
import { releaseMechanisms, type ReleaseId } from '../../parts/catalogue/releaseMechanisms'
import { causesOf, faultsOf, seatFaultIds, seatFaults, seatOutcome } from './seatFaults'
import { houseRules } from '../../parts/rules/houseRules'

const half = (release: ReleaseId, more: { hasLock?: boolean; hasMat?: boolean } = {}) => ({
  release,
  hasLock: false,
  hasMat: false,
  ...more,
})
const ids = (fault: (typeof seatFaultIds)[number], at: ReturnType<typeof half>) =>
  causesOf(fault, at).map(({ id }) => id)

test('a round contact that is pressed in is asked about the tool, not about lances and which way up', () => {
  expect(ids('no-click', half('rear-sleeve'))).toEqual([
    'not-far-enough',
    'not-behind-shoulder',
    'tool-tilted',
    'clip-broken',
  ])
  expect(ids('will-not-go-in', half('rear-sleeve'))).toContain('wrong-tip')
  expect(ids('will-not-go-in', half('rear-sleeve'))).not.toContain('wrong-way-up')
})

test('a stamped one is asked about its lance, not about a tool that it does not need', () => {
  expect(ids('no-click', half('window-lance'))).toEqual(['not-far-enough', 'lance-flat', 'wrong-way-up'])
})

test('a mat and a lock are asked about only where there is one', () => {
  expect(ids('will-not-go-in', half('finger'))).not.toContain('off-its-hole')
  expect(ids('will-not-go-in', half('finger', { hasMat: true }))).toContain('off-its-hole')
  expect(ids('no-click', half('finger'))).not.toContain('lock-part-way')
  expect(ids('no-click', half('finger', { hasLock: true }))).toContain('lock-part-way')
})

test('whatever the mechanism, each fault has a cause to choose, and each cause an outcome', () => {
  for (const release of Object.keys(releaseMechanisms) as ReleaseId[])
    for (const fault of [...faultsOf(release, false), ...faultsOf(release, true)]) {
      const causes = ids(fault, half(release))
      expect(causes.length).toBeGreaterThan(0)
      for (const cause of causes) expect(seatOutcome(fault, cause, houseRules['sheet-strict'])).toBeDefined()
    }
})

test('a terminal under a screw is asked about strands, solder and tightness, a contact that snaps in about its click', () => {
  expect(faultsOf('clamp', false)).toEqual(['will-not-go-in', 'out-by-tug', 'strand-outside', 'will-not-tighten'])
  expect(faultsOf('clamp', true)).toEqual(['came-loose'])
  expect(faultsOf('finger', false)).toEqual(['will-not-go-in', 'no-click', 'out-by-tug', 'stands-low', 'stands-proud'])
  expect(faultsOf('finger', true)).toEqual(['stands-low', 'stands-proud'])
  expect(ids('will-not-tighten', half('clamp'))).toEqual(['insulation-clamped', 'tinned', 'thread-stripped'])
  expect(ids('out-by-tug', half('stud'))).not.toContain('beside-clamp')
  // a tinned end creeps whatever the torque: it is cut off, also when it stands there already
  expect(seatOutcome('came-loose', 'tinned', houseRules['field-repair'])).toBe('cut-off')
})

test('every cause belongs to some mechanism', () => {
  const offered = new Set(
    (Object.keys(releaseMechanisms) as ReleaseId[]).flatMap((release) =>
      seatFaultIds.flatMap((fault) => ids(fault, half(release, { hasLock: true, hasMat: true }))),
    ),
  )
  const known = Object.values(seatFaults).flatMap(({ causes }) => causes.map(({ id }) => id))
  expect([...offered].sort()).toEqual([...new Set(known)].sort())
})
