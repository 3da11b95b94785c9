import { createServer, type Socket } from 'node:net'
import { afterEach, expect, test } from 'vitest'
import { normalDraws } from '@/core/craft/specimen/scatter'
import { specimen } from '@/core/craft/specimen/specimen'
import type { CrimpMade } from '@/core/craft/specimen/specimenTypes'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { instruments } from '@/core/base/instrument/instruments'
import { openLink, type LineLink } from './lineLink'
import { identify, measure, pull, reading } from './measure'
import { serveInstrument, shortHeader } from './scpiServer'
import { micrometer } from './standIns/micrometer'
import type { MountedPiece } from './standIns/mountedPiece'
import { pullTester } from './standIns/pullTester'

const closing: (() => unknown)[] = []
afterEach(async () => {
  for (const close of closing.splice(0).reverse()) await close()
})

const contact = demoShelf().contacts.get('SC-03-08')
if (!contact) throw new Error('SC-03-08')
const good: CrimpMade = {
  contact,
  strands: 19,
  strandMm: 0.18,
  insulationMm: 1.6,
  stripMm: 3.8,
  endShortMm: -0.6,
  strandsLost: 0,
  compaction: 0.85,
}
const piece = (change: Partial<CrimpMade> = {}): MountedPiece => ({
  made: { ...good, ...change },
  seen: specimen({ ...good, ...change }),
  heightMm: 1.01,
})
const every = (ms: number, act: () => void) => {
  const timer = setInterval(act, ms)
  return () => clearInterval(timer)
}

/** A busy machine answers late: only who says nothing is not waited for. */
const PATIENT_MS = 60_000

async function linkTo(port: number, timeoutMs = PATIENT_MS): Promise<LineLink> {
  const link = await openLink({ host: '127.0.0.1', port, timeoutMs })
  if (!link.ok) throw new Error(link.fault.kind)
  closing.push(link.value.close)
  return link.value
}
async function tester(mounted: MountedPiece, seed = 1): Promise<LineLink> {
  const server = await serveInstrument(pullTester({ piece: () => mounted, normal: normalDraws(seed), every }))
  closing.push(server.close)
  return linkTo(server.port)
}

/** A peer that does not keep to the protocol. */
async function misbehaving(behave: (line: string, socket: Socket) => void, timeoutMs = PATIENT_MS): Promise<LineLink> {
  const server = createServer((socket) => {
    socket.setEncoding('utf8')
    socket.on('error', () => undefined)
    socket.on('data', (chunk: string) =>
      chunk
        .split('\n')
        .filter(Boolean)
        .forEach((line) => behave(line, socket)),
    )
  })
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening))
  closing.push(() => new Promise((closed) => server.close(closed)))
  const address = server.address()
  return linkTo(typeof address === 'object' && address ? address.port : 0, timeoutMs)
}

test.each([
  ['measure:force?', 'MEAS:FORC?'],
  ['MEAS:FORC?', 'MEAS:FORC?'],
  ['system:error?', 'SYST:ERR?'],
  ['TRACe:PULL?', 'TRAC:PULL?'],
  ['unit:length?', 'UNIT:LENG?'],
])('%s is %s', (said, short) => {
  expect(shortHeader(said)).toBe(short)
})

test('a pull tester says who it is, and a sound crimp holds what the model says', async () => {
  const link = await tester(piece())
  expect(await identify(link, instruments['pull-tester'])).toEqual({ ok: true, value: 'URN BENCH,TARN-P,stand-in,1.0' })
  const force = await measure(link, instruments['pull-tester'])
  expect(force.ok && force.value).toBeCloseTo(piece().seen.pullN, 0)
  expect(await link.ask('SYST:ERR?')).toEqual({ ok: true, value: '0,"No error"' })
  link.tell('NO:SUCH')
  expect(await link.ask('SYST:ERR?')).toEqual({ ok: true, value: '-113,"Undefined header"' })
})

test('a pull is heard point by point, a thousand a second, none dropped; a bad strip pulls out low', async () => {
  const heard: number[] = []
  const sound = await pull(await tester(piece()), instruments['pull-tester'], (point) => heard.push(point.s))
  const bad = await pull(
    await tester(piece({ endShortMm: 2, compaction: 0.97 })),
    instruments['pull-tester'],
    () => undefined,
  )
  if (!sound.ok || !bad.ok) throw new Error('pull')
  expect(heard).toEqual(heard.map((_, i) => Number((i / 1000).toFixed(3))))
  expect(heard.length).toBe(sound.value.points.length)
  expect(sound.value.peakN).toBeCloseTo(piece().seen.pullN, 0)
  expect(sound.value.breaks).toBe('broke-in-wire')
  expect(bad.value.breaks).toBe('pulled-out')
  expect(bad.value.peakN).toBeLessThan(sound.value.peakN / 3)
})

test('the same seed gives the same pull', async () => {
  const first = await pull(await tester(piece(), 5), instruments['pull-tester'], () => undefined)
  const second = await pull(await tester(piece(), 5), instruments['pull-tester'], () => undefined)
  expect(first.ok && second.ok && first.value.points).toEqual(second.ok && second.value.points)
})

test('a micrometer measures the piece that lies in it', async () => {
  const server = await serveInstrument(micrometer({ piece: () => piece(), normal: normalDraws(2) }))
  closing.push(server.close)
  const link = await linkTo(server.port)
  const height = await measure(link, instruments.micrometer)
  expect(height.ok && Math.abs(height.value - 1.01)).toBeLessThan(0.03)
  expect(await identify(link, instruments['pull-tester'])).toEqual({
    ok: false,
    fault: { kind: 'other-instrument', got: 'URN BENCH,TARN-H,stand-in,1.0', expected: 'TARN-P' },
  })
})

test('nobody there', async () => {
  const server = createServer()
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening))
  const address = server.address()
  const port = typeof address === 'object' && address ? address.port : 0
  await new Promise((closed) => server.close(closed))
  expect(await openLink({ host: '127.0.0.1', port, timeoutMs: 300 })).toEqual({
    ok: false,
    fault: { kind: 'unreachable', host: '127.0.0.1', port },
  })
})

test('no answer is a time-out, and a late one is never taken for the next', async () => {
  const link = await misbehaving(
    (line, socket) => line === 'MEAS:FORC?' && setTimeout(() => socket.write('12.5\n'), 350),
    200,
  )
  expect(await link.ask('MEAS:FORC?')).toEqual({
    ok: false,
    fault: { kind: 'timeout', asked: 'MEAS:FORC?', afterMs: 200 },
  })
  expect(await link.ask('UNIT:FORC?')).toMatchObject({ ok: false, fault: { kind: 'broken-off' } })
})

/** Holds up everything else in this process. */
const busyMs = (ms: number) => {
  for (const until = performance.now() + ms; performance.now() < until;);
}

test('an answer that came while the bench itself was busy is not a late one', async () => {
  const link = await misbehaving((_line, socket) => {
    socket.write('12.5\n')
    busyMs(400)
  }, 200)
  expect(await link.ask('MEAS:FORC?')).toEqual({ ok: true, value: '12.5' })
})

test('an instrument that was there while the bench itself was busy is not missing', async () => {
  const server = await serveInstrument(micrometer({ piece: () => piece(), normal: normalDraws(2) }))
  closing.push(server.close)
  const opening = openLink({ host: '127.0.0.1', port: server.port, timeoutMs: 100 })
  busyMs(300)
  const link = await opening
  expect(link.ok).toBe(true)
  if (link.ok) closing.push(link.value.close)
})

test('half an answer is none', async () => {
  const link = await misbehaving((_line, socket) => socket.end('12.'))
  expect(await link.ask('MEAS:FORC?')).toEqual({
    ok: false,
    fault: { kind: 'broken-off', asked: 'MEAS:FORC?', got: '12.' },
  })
})

test('a link that breaks in the middle of a pull gives no figure', async () => {
  const link = await misbehaving((_line, socket) => {
    socket.write('0.000,0.1\n0.001,0.3\n0.002,')
    setTimeout(() => socket.destroy(), 30)
  })
  expect(await pull(link, instruments['pull-tester'], () => undefined)).toMatchObject({
    ok: false,
    fault: { kind: 'broken-off' },
  })
})

test.each([
  ['rubbish', '0.000,0.1\nhello\n', { kind: 'rubbish' }],
  ['a peak that was never reached', '0.000,0.1\n0.001,20\nEND,80,broke-in-wire\n', { kind: 'rubbish' }],
  ['a force beyond the range', '0.000,0.1\n0.001,6000\n', { kind: 'out-of-range', value: 6000, max: 5000 }],
  ['no point at all', 'END,80,broke-in-wire\n', { kind: 'rubbish' }],
])('a pull with %s is refused', async (_what, sent, fault) => {
  const link = await misbehaving((_line, socket) => socket.write(sent))
  expect(await pull(link, instruments['pull-tester'], () => undefined)).toMatchObject({ ok: false, fault })
})

test('after a curve that could not be read, the rest of it is never an answer', async () => {
  const link = await misbehaving(
    (line, socket) => line === 'TRAC:PULL?' && socket.write('0.000,0.1\nhello\n0.002,9\nN\n50\n'),
  )
  expect((await pull(link, instruments['pull-tester'], () => undefined)).ok).toBe(false)
  expect((await measure(link, instruments['pull-tester'])).ok).toBe(false)
})

test('a tester that was switched to pounds is not believed in newtons', async () => {
  const link = await misbehaving((line, socket) => socket.write(line === 'UNIT:FORC?' ? 'LBF\n' : '18.2\n'))
  expect(await measure(link, instruments['pull-tester'])).toEqual({
    ok: false,
    fault: { kind: 'wrong-unit', got: 'LBF', expected: 'N' },
  })
})

test('a line without end is cut off', async () => {
  const link = await misbehaving((_line, socket) => socket.write('9'.repeat(40_000)))
  expect(await link.ask('MEAS:FORC?')).toMatchObject({ ok: false, fault: { kind: 'rubbish' } })
})

test.each([
  ['12.5', 12.5],
  ['+1.25E2', 125],
  [' 0 ', 0],
  ['.5', 0.5],
])('“%s” is a reading', (line, value) => {
  expect(reading(line, instruments['pull-tester'])).toEqual({ ok: true, value })
})

test.each([
  ['', 'rubbish'],
  ['12,5', 'rubbish'],
  ['0x10', 'rubbish'],
  ['NaN', 'rubbish'],
  ['9.91E37', 'out-of-range'],
  ['-3', 'out-of-range'],
  ['Infinity', 'rubbish'],
])('“%s” is no reading', (line, code) => {
  expect(reading(line, instruments['pull-tester'])).toMatchObject({ ok: false, fault: { kind: code } })
})
