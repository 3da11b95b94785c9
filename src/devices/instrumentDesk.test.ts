import { createServer, type Socket } from 'node:net'
import { afterEach, expect, test } from 'vitest'
import { pieceMade, type PieceFault } from '@/core/craft/specimen/pieceMade'
import { normalDraws } from '@/core/craft/specimen/scatter'
import { demoShelf } from '@/core/parts/catalogue/demoShelf.testing'
import { InstrumentDesk, type InstrumentAddress } from './instrumentDesk'
import type { PieceToLay } from './pieceSchema'
import { serveInstrument, type ScpiInstrument } from './scpiServer'
import { analyser } from './standIns/analyser'
import { micrometer } from './standIns/micrometer'
import { pieceHolder } from './standIns/mountedPiece'
import { pullTester } from './standIns/pullTester'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'

const closing: (() => unknown)[] = []
afterEach(async () => {
  for (const close of closing.splice(0).reverse()) await close()
})

const shelf = demoShelf()
const contact = shelf.contacts.get('SC-03-08')
const type = shelf.wireTypes.get('TW-0.5')
if (!contact || !type) throw new Error('shelf')
const set: ChosenSet = {
  contact: contact.id,
  setup: { tool: 'PF-10', die: 'D1' },
  strip: {
    minMm: 3.4,
    nominalMm: 3.8,
    maxMm: 4.2,
    limits: { below: 'brush-too-short', above: 'bare-under-insulation-wings' },
  },
  stripFrom: 'dimensions',
  height: { minMm: 0.97, maxMm: 1.09, estimate: true },
  source: 'a card',
  estimate: false,
}
const piece = (fault?: PieceFault): PieceToLay => ({
  made: pieceMade(contact, type, set, fault && { fault }),
  heightMm: 1.03,
})
const every = (ms: number, act: () => void) => {
  const timer = setInterval(act, ms)
  return () => clearInterval(timer)
}
const now = () => new Date('2026-11-25T09:00:00Z')
const never = new AbortController().signal

async function serve(instrument: ScpiInstrument): Promise<InstrumentAddress> {
  const server = await serveInstrument(instrument)
  closing.push(server.close)
  return { host: '127.0.0.1', port: server.port }
}
async function standIns() {
  const jaws = pieceHolder(normalDraws(1))
  const anvil = pieceHolder(normalDraws(2))
  const tester = pullTester({ piece: jaws.piece, normal: normalDraws(3), every })
  const height = micrometer({ piece: anvil.piece, normal: normalDraws(4) })
  return {
    tester: await serve({ ...tester, commands: { ...tester.commands, 'SIM:PIEC': jaws.command } }),
    height: await serve({ ...height, commands: { ...height.commands, 'SIM:PIEC': anvil.command } }),
  }
}
/** A peer that answers as it likes. */
async function peer(behave: (line: string, socket: Socket) => void): Promise<InstrumentAddress> {
  const sockets: Socket[] = []
  const server = createServer((socket) => {
    sockets.push(socket)
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
  closing.push(() => {
    sockets.forEach((socket) => socket.destroy())
    server.close()
  })
  const address = server.address()
  return { host: '127.0.0.1', port: typeof address === 'object' && address ? address.port : 0 }
}

test('a micrometer reads the piece that was laid in, and says who it is; empty it has nothing to say', async () => {
  const { height } = await standIns()
  const desk = new InstrumentDesk()
  expect(await desk.read('micrometer', height, undefined, now)).toMatchObject({
    ok: false,
    fault: { kind: 'out-of-range' },
  })
  const read = await desk.read('micrometer', height, piece(), now)
  expect(read).toMatchObject({
    ok: true,
    value: { unit: 'mm', identity: 'URN BENCH,TARN-H,stand-in,1.0', at: '2026-11-25T09:00:00.000Z' },
  })
  expect(read.ok && Math.abs(read.value.value - 1.03)).toBeLessThan(0.02)
  expect(await desk.status('micrometer', height)).toMatchObject({
    identity: 'URN BENCH,TARN-H,stand-in,1.0',
    last: { unit: 'mm' },
  })
})

test('every bad piece pulls off lower than a sound one, and the way it breaks tells', async () => {
  const { tester } = await standIns()
  const desk = new InstrumentDesk()
  const pull = async (fault?: PieceFault) => {
    const curve = await desk.pull(tester, piece(fault), () => undefined, never, now)
    if (!curve.ok) throw new Error(curve.fault.kind)
    return curve.value
  }
  const sound = await pull()
  expect(sound.breaks).toBe('broke-in-wire')
  for (const [fault, breaks] of [
    ['strip-short', 'pulled-out'],
    ['not-home', 'pulled-out'],
    ['loose', 'pulled-out'],
    ['tight', 'broke-at-crimp'],
    ['strands-cut', 'broke-at-crimp'],
  ] as const) {
    const bad = await pull(fault)
    expect(bad.breaks).toBe(breaks)
    expect(bad.peakN).toBeLessThan(sound.peakN * 0.75)
  }
})

test('a thousand points a second arrive whole and in order', async () => {
  const { tester } = await standIns()
  const heard: number[] = []
  const curve = await new InstrumentDesk().pull(tester, piece(), ({ s }) => heard.push(s), never, now)
  if (!curve.ok) throw new Error(curve.fault.kind)
  expect(heard).toHaveLength(curve.value.points.length)
  expect(heard.every((s, i) => Math.abs(s - i / 1000) < 1e-9)).toBe(true)
  expect(Math.max(...curve.value.points.map((point) => point.forceN))).toBe(curve.value.peakN)
})

test('a pull that is stopped gives no figure, and the next one is whole', async () => {
  const { tester } = await standIns()
  const desk = new InstrumentDesk()
  const stop = new AbortController()
  let heard = 0
  const stopped = await desk.pull(
    tester,
    piece(),
    () => {
      if (++heard === 100) stop.abort()
    },
    stop.signal,
    now,
  )
  expect(stopped).toEqual({ ok: false, fault: { kind: 'stopped' } })
  expect((await desk.pull(tester, piece(), () => undefined, never, now)).ok).toBe(true)
  expect(await desk.pull(tester, piece(), () => undefined, AbortSignal.abort(), now)).toEqual({
    ok: false,
    fault: { kind: 'stopped' },
  })
})

/** A tester that answers what it is asked, or otherwise. */
const answering =
  (more: Readonly<Record<string, string>> = {}) =>
  (line: string, socket: Socket) => {
    const said = { '*IDN?': 'URN BENCH,TARN-P,7,1.0', 'UNIT:FORC?': 'N', ...more }[line]
    if (said !== undefined) socket.write(`${said}\n`)
  }

test('a tester that was looked at a moment ago may take its time over a pull', async () => {
  const address = await peer((line, socket) => {
    answering()(line, socket)
    // longer than whoever asks who is there would wait
    if (line === 'TRAC:PULL?') setTimeout(() => socket.write('0.000,180\nEND,180,broke-in-wire\n'), 1000)
  })
  const desk = new InstrumentDesk()
  expect((await desk.status('pull-tester', address)).fault).toBeUndefined()
  expect(await desk.pull(address, undefined, () => undefined, never, now)).toMatchObject({
    ok: true,
    value: { peakN: 180 },
  })
})

test.each<[string, (line: string, socket: Socket) => unknown, string]>([
  [
    'breaks off in the middle of a pull',
    (line, socket) => (line === 'TRAC:PULL?' ? socket.end('0.000,1.0\n0.001,2.0\n0.002,3') : answering()(line, socket)),
    'broken-off',
  ],
  [
    'says a peak that none of its points has',
    (line, socket) =>
      line === 'TRAC:PULL?' ? socket.write('0.000,1.0\nEND,180,broke-in-wire\n') : answering()(line, socket),
    'rubbish',
  ],
  ['is switched to pounds', answering({ 'UNIT:FORC?': 'LBF' }), 'wrong-unit'],
  ['is another instrument', answering({ '*IDN?': 'URN BENCH,TARN-H,7,1.0' }), 'other-instrument'],
  ['says nothing that it should', answering({ '*IDN?': 'hello' }), 'rubbish'],
])('a tester that %s gives no figure', async (_what, behave, code) => {
  const address = await peer(behave)
  const desk = new InstrumentDesk()
  expect(await desk.pull(address, piece(), () => undefined, never, now)).toMatchObject({
    ok: false,
    fault: { kind: code },
  })
  // nothing of it is remembered as a reading
  expect((await desk.status('pull-tester', address)).last).toBeUndefined()
})

test('a real instrument never hears of the piece', async () => {
  const heard: string[] = []
  const address = await peer((line, socket) => {
    heard.push(line)
    answering({ '*IDN?': 'URN BENCH,TARN-P,4711,2.3', 'MEAS:FORC?': '88.5' })(line, socket)
  })
  expect(await new InstrumentDesk().read('pull-tester', address, piece(), now)).toMatchObject({
    ok: true,
    value: { value: 88.5, identity: 'URN BENCH,TARN-P,4711,2.3' },
  })
  expect(heard.some((line) => line.startsWith('SIM:'))).toBe(false)
})

test('no address, nobody there, and back again at another place', async () => {
  const { tester } = await standIns()
  const desk = new InstrumentDesk()
  expect(await desk.read('pull-tester', undefined, piece(), now)).toEqual({ ok: false, fault: { kind: 'no-address' } })
  const gone = await serveInstrument(micrometer({ piece: () => undefined, normal: normalDraws(1) }))
  await gone.close()
  expect(await desk.status('pull-tester', { host: '127.0.0.1', port: gone.port })).toMatchObject({
    fault: { kind: 'unreachable', port: gone.port },
  })
  expect((await desk.read('pull-tester', tester, piece(), now)).ok).toBe(true)
})

test('the analyser measures what lies on it: joined, open, and nothing that was not said', async () => {
  const { openLink } = await import('./lineLink')
  const link = await openLink(await serve(analyser({ normal: () => 0, chance: () => 0, every })))
  if (!link.ok) throw new Error('link')
  closing.push(link.value.close)
  expect(await link.value.ask('MEAS:RES? A.1,B.1')).toEqual({ ok: true, value: '9.9E37' })
  link.value.tell('SIM:HARN A.1=B.1:0.021;A.2=B.2:0.034')
  expect(await link.value.ask('MEAS:RES? B.1,A.1')).toEqual({ ok: true, value: '0.0210' })
  expect(await link.value.ask('MEAS:RES? A.1,B.2')).toEqual({ ok: true, value: '9.9E37' })
  link.value.tell('SIM:HARN A.1=B.1:soon')
  expect(await link.value.ask('SYST:ERR?')).toEqual({ ok: true, value: '-224,"Illegal parameter value"' })
})

const joints = [
  { from: 1, to: 5, ohm: 0.05 },
  { from: 2, to: 6, ohm: 0.06 },
]
const quick = () => analyser({ normal: () => 0, chance: () => 0.99, every })

test('all pairs are gone through, with what is joined and how far it is; a touch joins what is behind it too', async () => {
  const address = await serve(quick())
  const desk = new InstrumentDesk()
  const heard: number[] = []
  const ran = await desk.scan(
    address,
    { points: 8, belowOhm: 100, harness: { joints: [...joints, { from: 5, to: 6, ohm: 0.08 }], loose: [] } },
    (news) => news.kind === 'at' && heard.push(news.done),
    never,
  )
  if (!ran.ok) throw new Error(ran.fault.kind)
  expect(ran.value.pairs).toBe(28)
  expect(heard.at(-1)).toBe(28)
  expect(ran.value.joined.map(({ from, to }) => `${String(from)}-${String(to)}`)).toEqual([
    '1-2',
    '1-5',
    '1-6',
    '2-5',
    '2-6',
    '5-6',
  ])
  expect(ran.value.joined[0]?.ohm).toBeCloseTo(0.05 + 0.08 + 0.06)
})

test('a link that breaks in the middle of a run is opened again, and the run goes on where it was', async () => {
  let breaks = 2
  const asked: string[] = []
  const address = await peer((line, socket) => {
    if (line.startsWith('*IDN?')) socket.write('URN BENCH,TARN-A,real,1\n')
    if (line.startsWith('UNIT:RES?')) socket.write('OHM\n')
    if (!line.startsWith('SCAN:PAIR?')) return
    asked.push(line.split(',')[2] ?? '')
    const from = Number(line.split(',')[2])
    if (breaks-- > 0) {
      // what was found after the last place that was said is found again
      socket.write(`JOIN 1,2,0.05\nAT ${String(from + 1)}\nJOIN 1,3,0.06\n`, () => socket.destroy())
      return
    }
    socket.write('JOIN 2,3,0.07\nAT 3\nEND 3\n')
  })
  const desk = new InstrumentDesk()
  const news: string[] = []
  const ran = await desk.scan(
    address,
    { points: 3, belowOhm: 100, harness: { joints: [], loose: [] } },
    (one) => news.push(one.kind),
    never,
  )
  if (!ran.ok) throw new Error(ran.fault.kind)
  expect(asked).toEqual(['0', '1', '2'])
  expect(news.filter((kind) => kind === 'resumed')).toHaveLength(2)
  expect(ran.value.joined.filter(({ place }) => place === 2)).toHaveLength(1)
})

test('a run that is stopped gives nothing, and the next one is not told of it', async () => {
  const address = await serve(quick())
  const desk = new InstrumentDesk()
  const stop = new AbortController()
  const harness = { joints, loose: [] }
  const stopped = desk.scan(address, { points: 256, belowOhm: 100, harness }, () => stop.abort(), stop.signal)
  expect(await stopped).toEqual({ ok: false, fault: { kind: 'stopped' } })
  expect(await desk.scan(address, { points: 4, belowOhm: 100, harness }, () => undefined, never)).toMatchObject({
    ok: true,
  })
})

test('wires are read a thousand times a second, and a loose one opens where it is moved and nowhere else', async () => {
  const address = await serve(analyser({ normal: () => 0, chance: () => 0.0005, every, pace: 10 }))
  const desk = new InstrumentDesk()
  const watch = async (moved: string) => {
    const stop = new AbortController()
    let opens = 0
    let samples = 0
    let rate = 0
    await desk.watch(
      address,
      {
        channels: [{ from: 1, to: 5 }],
        harness: { joints, loose: [{ from: 1, to: 5, at: '1/W1/a bend' }] },
        moving: () => moved,
      },
      {
        begin: (rateHz) => (rate = rateHz),
        sample: (_s, [ohm]) => {
          samples++
          if (ohm === undefined) opens++
          if (samples > 4000) stop.abort()
        },
      },
      stop.signal,
    )
    return { opens, rate }
  }
  expect(await watch('1/W2/b bend')).toEqual({ opens: 0, rate: 1000 })
  expect((await watch('1/W1/a bend')).opens).toBeGreaterThan(0)
})
