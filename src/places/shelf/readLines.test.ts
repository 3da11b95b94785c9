import { expect, test } from 'vitest'
import { readLines } from './readLines'

/** An answer that comes in pieces, cut wherever the wire cuts it. */
const inPieces = (pieces: readonly string[]) =>
  new Response(
    new ReadableStream({
      start(stream) {
        for (const piece of pieces) stream.enqueue(new TextEncoder().encode(piece))
        stream.close()
      },
    }),
  )

test('lines are told as they come, however they are cut; the last is the answer', async () => {
  const heard: unknown[] = []
  const last = await readLines(inPieces(['{"stage":"re', 'ad"}\n{"stage":"check"}\n{"do', 'ne":true}\n']), (line) =>
    heard.push(line),
  )
  expect(heard).toEqual([{ stage: 'read' }, { stage: 'check' }, { done: true }])
  expect(last).toEqual({ done: true })
})

test('of an answer that breaks off the whole lines are heard, and no half one', async () => {
  const heard: unknown[] = []
  expect(await readLines(inPieces(['{"stage":"read"}\n{"do']), (line) => heard.push(line))).toEqual({ stage: 'read' })
  expect(heard).toHaveLength(1)
  expect(await readLines(new Response(null), () => undefined)).toBeUndefined()
})
