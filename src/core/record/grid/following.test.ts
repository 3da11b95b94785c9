import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { planFacts } from '../plan/facts'
import type { GridColumnId } from './columns'
import { following } from './following'
import { gridNames, shelfNamesOf } from './gridNames'

const shelf = demoShelf()
const ends = [{ id: 'P', housing: 'CK-4P' }]
const next = following(gridNames({ ends }, planFacts(shelf, { ends, wires: [] }), shelfNamesOf(shelf)))

test.each<[GridColumnId, string, number, string]>([
  ['id', 'W09', 2, 'W11'],
  ['colour', 'RD', 3, 'RD'],
  ['from', 'P.2', 1, 'P.3'],
  ['to', 'P.2', 2, 'P.4'],
  // past the last cavity there is none to count on to
  ['from', 'P.3', 4, 'P.3'],
  ['from', 'splice S1', 1, 'splice S1'],
])('%s %s, %i rows below, is %s', (column, text, by, after) => {
  expect(next(column, text, by)).toBe(after)
})
