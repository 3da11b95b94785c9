import { expect, test } from 'vitest'
import { demoShelf } from '../catalogue/demoShelf.testing'
import { identifyHousing, type SeenHousing } from './identifyHousing'

const shelf = demoShelf()
const ask = (seen: Partial<SeenHousing> & Pick<SeenHousing, 'counts'>) =>
  identifyHousing(shelf.housings.values(), shelf.families, { rowsKnown: true, ...seen })

test.each<[Parameters<typeof ask>[0], string]>([
  [{ counts: [8, 9, 10], mark: 'chamfer' }, 'LU-27P'],
  // the same, read from below
  [{ counts: [10, 9, 8] }, 'LU-27P'],
  [{ counts: [1, 6], round: true, role: 'plug' }, 'RK-7P'],
  [{ counts: [3, 4, 3], role: 'receptacle' }, 'CM-10R'],
  [{ counts: [7, 7], pitchMm: 2.4 }, 'BQ-14P'],
])('%j is %s', (seen, id) => {
  expect(ask(seen)[0]).toMatchObject({ housing: { id }, contradicts: [] })
})

test('two rows of seven are told apart by their pitch: 2.4 and 2.7 mm', () => {
  expect(ask({ counts: [7, 7], pitchMm: 2.7 })[0]?.housing.family).toBe('shard')
  const [bisque] = ask({ counts: [7, 7], pitchMm: 2.4 })
  expect(bisque?.agrees).toEqual(['ways', 'rows', 'pitch'])
})

test('seven ways alone leave all that have seven; what contradicts goes back, and is named', () => {
  const seven = ask({ counts: [7], rowsKnown: false })
  expect(new Set(seven.map((one) => one.family.id)).size).toBeGreaterThan(2)
  const round = ask({ counts: [7], rowsKnown: false, round: true })
  expect(round[0]?.family.id).toBe('raku')
  expect(round.at(-1)?.contradicts).toContain('shape')
})

test('no housing has nineteen ways: none is guessed', () => {
  expect(ask({ counts: [19], rowsKnown: false })).toEqual([])
})
