import { expect, test } from 'vitest'
import { foldEntry } from '@/core/record/journal/fold'
import { workThrough } from '@/core/views/workThrough.testing'
import { newJobUnder } from '@/core/views/sevenLeads.testing'
import { proveRows, standingOf } from './proveRows'

const csv = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length,signal,current
W1,TW-0.75,RD,P1,1,CM-3P,P2,1,SW-2P,620 mm,beacon supply,0.8 A
W2,TW-0.75,BK,P1,2,CM-3P,P2,2,SW-2P,620 mm,beacon return,0.8 A
`

test('the rows are the same list until something that they say has changed', () => {
  let made = 0
  const { folded } = workThrough(newJobUnder('Leads', csv, {}), {
    newId: () => `worked-${String(++made).padStart(4, '0')}`,
    stamp: () => ({ at: '2026-11-25T09:00:00.000Z', by: 'teodor' }),
    until: (_state, step) => step.station === 'prove',
  })
  const { state } = folded
  const before = proveRows(state)
  const kept = { at: '2026-11-25T10:00:00.000Z', by: 'teodor' }
  foldEntry(folded, { kind: 'noted', id: 'note-00001', text: 'a note', seq: state.seq + 1, ...kept })
  expect(proveRows(state)).toBe(before)
  const [first] = before
  if (first?.kind !== 'net') throw new Error('no net is asked for')
  const { unit, wire } = first.net
  foldEntry(folded, {
    kind: 'net-probed',
    id: 'probe-00001',
    unit,
    wire: wire.id,
    result: 'fail',
    seq: state.seq + 1,
    ...kept,
  })
  const after = proveRows(state)
  expect(after).not.toBe(before)
  expect(after.map(({ key }) => key)).toEqual(before.map(({ key }) => key))
  expect([standingOf(first), after[0] && standingOf(after[0])]).toEqual(['to-probe', 'wrong'])
})
