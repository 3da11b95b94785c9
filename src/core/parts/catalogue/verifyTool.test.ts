import { expect, test } from 'vitest'
import { toolSchema } from './schema/tool'
import type { Tool } from './types'
import { dueAgain, proofOf, verified } from './verifyTool'

const source = { document: 'card', basis: 'sheet' as const }
const frame: Tool = { id: 'QF-5', name: 'frame', class: 'four-indent-positioned', source }
const done = (doneOn: string, dueOn: string) => ({ doneOn, dueOn, by: 'Ansa' })

test.each<[string, Tool['verification'], string]>([
  ['as often as the last time', done('2026-01-10', '2026-04-10'), '2027-02-23'],
  ['half a year for the first time', undefined, '2027-05-26'],
  ['half a year where the last said nothing', done('2026-01-10', '2026-01-10'), '2027-05-26'],
])('due again %s', (_what, verification, due) => {
  expect(dueAgain({ verification }, '2026-11-25')).toBe(due)
})

test('a frame is proved with the gauge that belongs to it, at the gauge’s own selector', () => {
  const gauge: Tool = { id: 'GG-5', name: 'gauge', class: 'gauge', gauges: { tool: 'QF-5', selector: 4 }, source }
  const other: Tool = { ...gauge, id: 'GG-7', gauges: { tool: 'QF-7' } }
  expect(proofOf(frame, [other, gauge])).toEqual({ how: 'go-no-go', gauge: { id: 'GG-5', name: 'gauge', selector: 4 } })
  expect(proofOf(frame, [other])).toEqual({ how: 'go-no-go' })
  expect(proofOf({ ...frame, class: 'torque-cable' }, [gauge])?.how).toBe('block')
  expect(proofOf({ ...frame, class: 'stripper' }, [gauge])).toBeUndefined()
})

test('a verification goes into the history when the next one is done; nothing else changes', () => {
  const first = verified(frame, done('2026-01-10', '2026-04-10'))
  expect(first).toEqual({ ...frame, verification: done('2026-01-10', '2026-04-10') })
  const second = verified(first, { ...done('2026-04-09', '2026-07-09'), how: 'go-no-go', seen: 'go passes' })
  expect(second.history).toEqual([done('2026-01-10', '2026-04-10')])
  expect(toolSchema.parse(second)).toEqual(second)
})
