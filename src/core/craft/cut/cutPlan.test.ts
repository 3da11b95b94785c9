import fc from 'fast-check'
import { expect, test } from 'vitest'
import { cutPlan } from './cutPlan'
import { fillSpools } from './fillSpools'
import { fullestSum } from './fullestSum'
import type { CutRequest, CutUnits } from './cutTypes'

const plan = (request: CutRequest) => {
  const found = cutPlan(request)
  if (!found.ok) throw new Error(JSON.stringify(found.fault))
  return found.value
}
const spool = (id: string, lengthMm: number) => ({ id, lengthMm })
const cut = (id: string, lengthMm: number, count: number) => ({ id, lengthMm, count })

test('one spool is opened where one does, and the longer is left whole', () => {
  expect(plan({ spools: [spool('A', 1000), spool('B', 2000)], cuts: [cut('x', 400, 2)] })).toMatchObject({
    spoolsOpened: 1,
    bound: 1,
    short: [],
    proven: true,
    assign: [{ spool: 'B', leftMm: 1200 }],
  })
})

test('left-overs come together on one spool', () => {
  // 300 + 700 fill A, so that B keeps 600 and not each some
  const { assign, longestLeftMm } = plan({
    spools: [spool('A', 1000), spool('B', 1000)],
    cuts: [cut('x', 700, 1), cut('y', 300, 1), cut('z', 400, 1)],
  })
  expect(assign.map((one) => one.leftMm).sort((a, b) => a - b)).toEqual([0, 600])
  expect(longestLeftMm).toBe(600)
})

test('what cannot be cut is short, in as few pieces as can be', () => {
  expect(plan({ spools: [spool('A', 1000)], cuts: [cut('long', 900, 1), cut('short', 300, 3)] })).toMatchObject({
    short: [{ id: 'long', count: 1 }],
    spoolsOpened: 1,
    wasteMm: 100,
  })
  expect(plan({ spools: [spool('A', 500)], cuts: [cut('x', 600, 2)] })).toMatchObject({
    short: [{ id: 'x', count: 2 }],
    spoolsOpened: 0,
    assign: [],
  })
})

test('each cut loses its kerf', () => {
  expect(plan({ spools: [spool('A', 1000)], cuts: [cut('x', 500, 2)] }).short).toEqual([])
  expect(plan({ spools: [spool('A', 1000)], cuts: [cut('x', 500, 2)], kerfMm: 0.5 }).short).toEqual([
    { id: 'x', count: 1 },
  ])
  expect(plan({ spools: [spool('A', 1001)], cuts: [cut('x', 500, 2)], kerfMm: 0.5 })).toMatchObject({
    short: [],
    longestLeftMm: 0,
  })
})

test.each([
  ['a spool twice', { spools: [spool('A', 1), spool('A', 2)], cuts: [] }, { kind: 'spool-twice', id: 'A' }],
  ['a cut twice', { spools: [], cuts: [cut('x', 1, 1), cut('x', 2, 1)] }, { kind: 'cut-twice', id: 'x' }],
  ['a kerf below nought', { spools: [], cuts: [], kerfMm: -1 }, { kind: 'kerf-below-nought', kerfMm: -1 }],
])('%s is refused', (_what, request, fault) => {
  expect(cutPlan(request)).toEqual({ ok: false, fault })
})

test('nothing to cut opens nothing', () => {
  expect(plan({ spools: [spool('A', 1000)], cuts: [] })).toMatchObject({
    assign: [],
    short: [],
    spoolsOpened: 0,
    bound: 0,
    wasteMm: 0,
  })
})

const units = fc.record({
  spools: fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 4 }),
  pieces: fc.array(fc.record({ length: fc.integer({ min: 1, max: 30 }), count: fc.integer({ min: 0, max: 3 }) }), {
    maxLength: 4,
  }),
})

/** All assignments of all pieces, by brute force: fewest missing, fewest opened, longest left-over. */
function brute({ spools, pieces }: Pick<CutUnits, 'spools' | 'pieces'>): readonly [number, number, number] {
  const single = pieces.flatMap((piece) => Array<number>(piece.count).fill(piece.length))
  let best: readonly [number, number, number] = [Infinity, Infinity, -Infinity]
  const search = (i: number, room: readonly number[], missing: number): void => {
    const length = single[i]
    if (length === undefined) {
      const opened = room.filter((free, s) => free < (spools[s] ?? 0))
      const found = [missing, opened.length, Math.max(0, ...opened)] as const
      if (
        found[0] < best[0] ||
        (found[0] === best[0] && (found[1] < best[1] || (found[1] === best[1] && found[2] > best[2])))
      )
        best = found
      return
    }
    room.forEach(
      (free, s) =>
        free >= length &&
        search(
          i + 1,
          room.map((one, at) => (at === s ? one - length : one)),
          missing,
        ),
    )
    search(i + 1, room, missing + 1)
  }
  search(0, spools, 0)
  return best
}

test('few pieces: the plan is the best of all there are', () => {
  fc.assert(
    fc.property(
      units.filter(({ pieces }) => pieces.reduce((sum, piece) => sum + piece.count, 0) <= 6),
      ({ spools, pieces }) => {
        const found = plan({
          spools: spools.map((length, i) => spool(`S${i}`, length)),
          cuts: pieces.map((piece, i) => cut(`c${i}`, piece.length, piece.count)),
        })
        expect([found.short.reduce((sum, one) => sum + one.count, 0), found.spoolsOpened, found.longestLeftMm]).toEqual(
          brute({ spools, pieces }),
        )
      },
    ),
    { numRuns: 150 },
  )
})

test('many pieces: no spool is overdrawn, every piece is cut or short, and never fewer spools than the bound', () => {
  fc.assert(
    fc.property(units, ({ spools, pieces }) => {
      const filled = fillSpools({ stepMm: 1, spools, pieces })
      filled.spools.forEach((counts, s) =>
        expect(counts.reduce((sum, count, kind) => sum + count * (pieces[kind]?.length ?? 0), 0)).toBeLessThanOrEqual(
          spools[s] ?? 0,
        ),
      )
      pieces.forEach((piece, kind) =>
        expect(filled.spools.reduce((sum, counts) => sum + (counts[kind] ?? 0), 0) + (filled.missing[kind] ?? 0)).toBe(
          piece.count,
        ),
      )
      expect(filled.spools.filter((counts) => counts.some((count) => count > 0)).length).toBeGreaterThanOrEqual(
        filled.bound,
      )
    }),
  )
})

test('the fullest sum is as full as any', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 60 }),
      fc.array(fc.record({ length: fc.integer({ min: 1, max: 20 }), count: fc.integer({ min: 0, max: 3 }) }), {
        maxLength: 4,
      }),
      (room, pieces) => {
        const counts = pieces.map((piece) => piece.count)
        const taken = fullestSum(room, pieces, counts)
        let best = 0
        const search = (kind: number, sum: number): void => {
          if (sum > room) return
          best = Math.max(best, sum)
          const piece = pieces[kind]
          for (let n = 0; piece && n <= piece.count; n++) search(kind + 1, sum + n * piece.length)
        }
        search(0, 0)
        expect(taken.every((count, kind) => count <= (counts[kind] ?? 0))).toBe(true)
        expect(taken.reduce((sum, count, kind) => sum + count * (pieces[kind]?.length ?? 0), 0)).toBe(best)
      },
    ),
  )
})

test('a spool of a thousand kilometres is planned in coarser steps, and no piece comes out short', () => {
  const { assign, short } = plan({ spools: [spool('A', 1e9)], cuts: [cut('x', 1234.5, 20)] })
  expect(short).toEqual([])
  expect(assign[0]?.leftMm).toBeLessThanOrEqual(1e9 - 20 * 1234.5)
})
