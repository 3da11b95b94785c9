import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import type { Entry } from '../record/journal/entry'
import { foldAll } from '../record/journal/fold'
import { inQueue, setupQueue } from './queue'

const journal = (JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8')) as { journal: Entry[] }).journal
const { state } = foldAll(journal)

test('a termination of the queue is found with its setup; what has no set yet is not in it', () => {
  const groups = setupQueue(state)
  const found = inQueue(groups, '1/W01/a')
  expect(found?.item.termination.key).toBe('1/W01/a')
  expect(found?.group.items).toContain(found?.item)
  expect([inQueue(groups, undefined), inQueue(groups, '1/W99/a')]).toEqual([undefined, undefined])
})
