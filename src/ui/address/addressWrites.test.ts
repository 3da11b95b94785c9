import { expect, test } from 'vitest'
import { afterAddressWrites, writeAddress } from './addressWrites'
import { setLeaving } from './leaving'

const turn = () => new Promise((resolve) => setTimeout(resolve, 0))

test('what goes on waits for every write that is under way, one that failed too, and for those that came meanwhile', async () => {
  const done: string[] = []
  afterAddressWrites(() => done.push('at once'))
  expect(done).toEqual(['at once'])

  let made = (): void => undefined
  writeAddress(() => Promise.reject(new Error('given up')))
  afterAddressWrites(() => done.push('after'))
  writeAddress(() => new Promise<void>((resolve) => (made = resolve)))
  await turn()
  expect(done).toEqual(['at once'])
  made()
  await turn()
  expect(done).toEqual(['at once', 'after'])

  afterAddressWrites(() => done.push('at once again'))
  expect(done).toEqual(['at once', 'after', 'at once again'])

  // on the way to another page nothing is written into the address of this one
  setLeaving(true)
  writeAddress(() => {
    done.push('written')
    return Promise.resolve()
  })
  setLeaving(false)
  expect(done).not.toContain('written')
})
