import { expect, test } from 'vitest'
import { readLines } from './readLines'

const answer = (...parts: string[]) =>
  new Response(
    new ReadableStream<Uint8Array>({
      start(controller) {
        for (const part of parts) controller.enqueue(new TextEncoder().encode(part))
        controller.close()
      },
    }),
  )

test('lines are told as they come, however they are cut, and the last is the answer', async () => {
  const told: unknown[] = []
  expect(
    await readLines(answer('{"stage":"re', 'ad"}\n{"stage":"check"}\n{"pre', 'view":1}\n'), (line) => told.push(line)),
  ).toEqual({ preview: 1 })
  expect(told).toEqual([{ stage: 'read' }, { stage: 'check' }, { preview: 1 }])
})

test('an answer that ends in the middle gives what came whole', async () => {
  expect(await readLines(answer('{"stage":"read"}\n{"previ'), () => undefined)).toEqual({ stage: 'read' })
  expect(await readLines(answer(), () => undefined)).toBeUndefined()
})
