import { expect, test } from 'vitest'
import { demoShelf } from './demoShelf.testing'
import { releaseMechanisms } from './releaseMechanisms'
import { releaseTool } from './releaseTool'

const shelf = demoShelf()
const family = (id: string) => {
  const found = shelf.families.get(id)
  if (!found) throw new Error(id)
  return found
}
const ask = (
  id: string,
  size: string,
  insulationMm: number | undefined,
  improvisedRelease: 'forbidden' | 'recorded' = 'forbidden',
) => releaseTool(family(id), size, insulationMm, shelf.tools.values(), { improvisedRelease })

test.each([
  ['celadon-m', 'C18', 2.2, 'RL-B'],
  ['slipware', 'SW', 1.8, 'RL-T'],
  ['bisque', 'BQ', 1.1, 'RL-F'],
  ['shard', 'SH', 1.1, 'RL-F'],
  ['crackle', 'CK', 2.4, 'RL-P'],
  ['raku', 'R10', 1.2, 'RL-S10'],
  ['raku', 'R16', 2.2, 'RL-S16'],
  ['stoneware', 'T45', 5.2, 'RL-S45'],
  ['stoneware', 'T66', 8, 'RL-S66'],
])('%s %s on a wire of %f mm: %s', (id, size, insulationMm, tool) => {
  expect(ask(id, size, insulationMm)).toMatchObject({ kind: 'held', tool: { id: tool } })
})

test('a wire that two sleeves take gets the closer one; both ends are told apart where there are two', () => {
  expect(ask('raku', 'R10', 1.65)).toMatchObject({ kind: 'held', tool: { id: 'RL-S16' }, twoEnds: true })
  expect(ask('stoneware', 'T45', 5.2)).toMatchObject({ twoEnds: false })
})

test('fingers are enough for a comb and a neck', () => {
  expect(ask('majolica', 'MJ', 1.5)).toEqual({ kind: 'none-needed' })
  expect(ask('lustre', 'LU', 1.5)).toEqual({ kind: 'none-needed' })
})

test('no sleeve for so thick a wire: what would fit, what there is, and what the rules let a bench do', () => {
  const strict = ask('raku', 'R16', 2.9)
  expect(strict).toMatchObject({ kind: 'missing', tip: 'slit-sleeve', size: 'R16', insulationMm: 2.9, improvised: [] })
  expect(strict.kind === 'missing' && strict.unfit.map((tool) => tool.id)).toEqual(['RL-S10', 'RL-S16'])
  expect(ask('raku', 'R16', 2.9, 'recorded')).toMatchObject({ improvised: ['modified-tip'] })
})

test('whatever lets a contact go by a step has something to look at when it does not come', () => {
  for (const { id, act, stuck, tool } of Object.values(releaseMechanisms)) {
    expect([id, stuck.length > 0]).toEqual([id, act.length > 0])
    // questions about a tool are asked where there is one
    if (tool === 'none')
      expect(
        stuck.filter((one) => one.startsWith('tool-') || one.startsWith('wrong-') || one.startsWith('blade-')),
      ).toEqual([])
  }
})
