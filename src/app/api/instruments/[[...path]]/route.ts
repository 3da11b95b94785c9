import { instrumentsRouteWords as words } from '@/words/screens/app/instrumentsRoute'
import { callerRefusal, secured } from '@/api/callerCheck'
import { readBody } from '@/api/readBody'
import { plainIssues } from '@/words/plainIssues'
import { instruments, isInstrument, type InstrumentId } from '@/core/base/instrument/instruments'
import { bench } from '@/data/bench'
import { addressSchema } from '@/core/base/instrument/addressSchema'
import { readAddresses, setAddress, standInAddresses } from '@/data/repositories/instruments'
import { InstrumentDesk } from '@/devices/instrumentDesk'
import { pieceSchema, type PieceToLay } from '@/devices/pieceSchema'
import { deviceFaultWords } from '@/words/devices'
import { z } from 'zod'
import { type Moving, practise, scanStream, watchStream } from '@/api/instruments/analyserActs'
import { moveSchema, practiceSchema, scanSchema, watchSchema } from '@/api/instruments/analyserSchemas'
import { lineStream } from '@/api/instruments/lineStream'

// Next gives each route its own copy of a module: the links stand on globalThis, once.
const shared = globalThis as typeof globalThis & {
  urnBenchDesk?: InstrumentDesk
  urnBenchMoving?: Moving
}
const desk = () => (shared.urnBenchDesk ??= new InstrumentDesk())

const moving = () => (shared.urnBenchMoving ??= { now: 'none' })
const analyserActs: ReadonlySet<string> = new Set(['scan', 'watch', 'move', 'practice'])

const BODY_BYTES = 64_000
const standIns = standInAddresses(process.env.URN_BENCH_INSTRUMENTS)

const askSchema = z.strictObject({ piece: pieceSchema.optional() })

const answer = (body: unknown, status = 200) =>
  secured(Response.json(body, { status, headers: { 'cache-control': 'no-store' } }))
const bad = (message: string, status = 400) =>
  answer({ error: { code: status === 404 ? 'not-found' : 'bad-input', message } }, status)

type Context = { readonly params: Promise<{ readonly path?: readonly string[] }> }

async function serve(request: Request, { params }: Context): Promise<Response> {
  const refusal = callerRefusal(request)
  if (refusal) return refusal
  const [id, act] = (await params).path ?? []
  const { db } = await bench()
  const addresses = await readAddresses(db, standIns)
  if (id === undefined) {
    if (request.method !== 'GET') return bad(words.onlyGetHere, 405)
    const all = await Promise.all(
      (Object.keys(instruments) as InstrumentId[]).map((one) => desk().status(one, addresses[one])),
    )
    return answer({
      instruments: all.map((one) => ({ ...one, ...(one.fault && { message: deviceFaultWords(one.fault) }) })),
    })
  }
  if (!isInstrument(id)) return bad(words.thereIsNoInstrument(id), 404)
  const body = await readBody(request, BODY_BYTES)
  if (!body.ok) return bad(words.thatIsMoreThan, 413)
  if (request.method === 'PUT' && act === undefined) {
    const said = json(body.text)
    // an empty object goes back to the stand-in that came with the app
    const read = JSON.stringify(said) === '{}' ? undefined : addressSchema.safeParse(said)
    if (read && !read.success)
      return bad(
        plainIssues(read.error)
          .map((issue) => `${issue.path.join('.')} ${issue.message}`.trim())
          .join('; '),
      )
    await setAddress(db, id, read?.data)
    return answer({ ok: true })
  }
  if (id === 'analyser' && request.method === 'POST' && analyserActs.has(act ?? ''))
    return analyse(request, act ?? '', json(body.text))
  if (request.method !== 'POST' || (act !== 'read' && act !== 'pull'))
    return bad(words.thereIsNo(act ?? words.suchAct), 404)
  const asked = askSchema.safeParse(json(body.text) ?? {})
  if (!asked.success) return bad(words.pieceIsNotDescribed)
  const { piece } = asked.data
  if (act === 'read') {
    const reading = await desk().read(id, addresses[id], piece, () => new Date())
    return answer(
      reading.ok
        ? { ok: true, ...reading.value }
        : { ok: false, fault: reading.fault, message: deviceFaultWords(reading.fault) },
    )
  }
  return secured(pullStream(request, addresses[id], piece))
}

/** The curve as it comes, a line a batch of points; the last line is the peak, or why there is none. */
const pullStream = (
  request: Request,
  address: Parameters<InstrumentDesk['pull']>[0],
  piece: PieceToLay | undefined,
): Response =>
  lineStream(request.signal, async (say) => {
    let waiting: number[] = []
    const flush = () => {
      if (waiting.length > 0) say({ points: waiting })
      waiting = []
    }
    const timer = setInterval(flush, 20)
    const curve = await desk().pull(
      address,
      piece,
      ({ s, forceN }) => waiting.push(s, forceN),
      request.signal,
      () => new Date(),
    )
    clearInterval(timer)
    flush()
    say(
      curve.ok
        ? {
            end: {
              peakN: curve.value.peakN,
              breaks: curve.value.breaks,
              points: curve.value.points.length,
              identity: curve.value.identity,
            },
          }
        : { fault: curve.fault, message: deviceFaultWords(curve.fault) },
    )
  })

/** What only the analyser does: run over all pairs, watch while the harness is moved, hide faults for practice. */
async function analyse(request: Request, act: string, said: unknown): Promise<Response> {
  const here = await bench()
  const context = {
    bench: here,
    desk: desk(),
    address: (await readAddresses(here.db, standIns)).analyser,
    moving: moving(),
  }
  const unfit = (error: z.ZodError) =>
    bad(
      plainIssues(error)
        .map((issue) => `${issue.path.join('.')} ${issue.message}`.trim())
        .join('; '),
    )
  switch (act) {
    case 'scan': {
      const asked = scanSchema.safeParse(said)
      if (!asked.success) return unfit(asked.error)
      const stream = await scanStream(request, context, asked.data)
      return stream ? secured(stream) : bad(words.thereIsNo(asked.data.job), 404)
    }
    case 'watch': {
      const asked = watchSchema.safeParse(said)
      if (!asked.success) return unfit(asked.error)
      const stream = await watchStream(request, context, asked.data)
      return stream ? secured(stream) : bad(words.thereIsNo(asked.data.job), 404)
    }
    case 'move': {
      const asked = moveSchema.safeParse(said)
      if (!asked.success) return unfit(asked.error)
      context.moving.now = asked.data.to
      return answer({ ok: true })
    }
    default: {
      const asked = practiceSchema.safeParse(said)
      if (!asked.success) return unfit(asked.error)
      const practice = await practise(context, asked.data, new Date(), Math.random)
      return practice ? answer(practice) : bad(words.thereIsNo(asked.data.job), 404)
    }
  }
}

function json(text: string): unknown {
  try {
    return JSON.parse(text === '' ? '{}' : text)
  } catch {
    return undefined
  }
}

export { serve as GET, serve as POST, serve as PUT }
