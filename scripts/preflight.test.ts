import { createServer, type AddressInfo } from 'node:net'
import { expect, test } from 'vitest'
import { addressFault, nodeFault } from './preflight.mjs'

test.each([
  ['18.19.1', true],
  ['20.18.9', true],
  ['20.19.0', false],
  ['22.1.0', false],
])('Node %s is too old: %s', (version, tooOld) => {
  expect(nodeFault(version) !== undefined).toBe(tooOld)
  if (tooOld) expect(nodeFault(version)).toContain(version)
})

test.each([
  ['127.0.0.1', '0', /no port/],
  ['127.0.0.1', '65536', /no port/],
  ['127.0.0.1', 'abc', /no port/],
  ['127.0.0.1', '41e2', /no port/],
  ['0.0.0.0', '4100', /this machine only/],
])('%s:%s cannot be listened on', async (host, port, sentence) => {
  expect(await addressFault(host, port)).toMatch(sentence)
})

test('a port that is taken is named, a free one is not', async () => {
  const other = createServer()
  await new Promise<void>((done) => other.listen(0, '127.0.0.1', done))
  const { port } = other.address() as AddressInfo
  expect(await addressFault('127.0.0.1', String(port))).toBe(
    `Port ${port} is taken by another program. Stop that, or set PORT to another number.`,
  )
  await new Promise((done) => other.close(done))
  expect(await addressFault('127.0.0.1', String(port))).toBeUndefined()
})
