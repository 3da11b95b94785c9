import { expect, test } from 'vitest'
import { afterAddressWrites, noteAddressWrite } from './addressWrites'

const turn = () => new Promise((resolve) => setTimeout(resolve, 0))

test('what goes on waits for every write that is under way, one that failed too, and for those that came meanwhile', async () => {
  const done: string[] = []
  afterAddressWrites(() => done.push('at once'))
  expect(done).toEqual(['at once'])

  let made = (): void => undefined
  noteAddressWrite(Promise.reject(new Error('given up')))
  afterAddressWrites(() => done.push('after'))
  noteAddressWrite(new Promise<void>((resolve) => (made = resolve)))
  await turn()
  expect(done).toEqual(['at once'])
  made()
  await turn()
  expect(done).toEqual(['at once', 'after'])

  afterAddressWrites(() => done.push('at once again'))
  expect(done).toEqual(['at once', 'after', 'at once again'])
})
