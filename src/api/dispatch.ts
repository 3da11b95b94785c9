import type { Bench } from '@/data/bench'
import type { Answer, Endpoint } from './endpoint'
import { readBytes } from './readBody'
import { jsonOfBytes, textOfBytes } from '@/formats/readBytes'
import { endpoints } from './endpoints'
import { ThreadLimit } from '@/threads/runThread'
import { isDiskFull } from '@/data/daybook/diskRoom'
import { DISK_FULL } from '@/words/unanswered'
import { badText } from '@/core/base/badText'
import { badTextWords } from '@/words/badText'
import { plainIssues } from '@/words/plainIssues'

export interface DispatchContext {
  readonly bench: () => Promise<Bench>
  readonly now: () => Date
  /** the operator of this bench, from its cookie */
  readonly by: string
  /** writes what broke to the log and gives the id that stands there */
  readonly report: (error: unknown) => string
}

const JSON_TYPE = 'application/json'

const json = (status: number, body: unknown, headers: Record<string, string> = {}) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store', ...headers },
  })

const error = (status: number, code: string, rest: Record<string, unknown> = {}, headers?: Record<string, string>) =>
  json(status, { error: { code, ...rest } }, headers)

const unfit = (issues: readonly { readonly path: readonly (string | number)[]; readonly message: string }[]) =>
  error(400, 'bad-input', { issues })

/** Serves one request of the open interface. Always JSON, never a stack trace. */
export async function dispatch(request: Request, path: string, context: DispatchContext): Promise<Response> {
  if (badText(path)) return error(404, 'not-found', { message: 'no such path here; see /api/v1/openapi.json' })
  const matches = endpoints.flatMap((one) => {
    const params = matchPath(one.path, path)
    return params ? [{ one, params }] : []
  })
  if (matches.length === 0)
    return error(404, 'not-found', {
      message:
        path === ''
          ? 'name an endpoint; they are listed in /api/v1/openapi.json'
          : `no ${path} here; see /api/v1/openapi.json`,
    })
  const method = request.method === 'HEAD' ? 'GET' : request.method
  const match = matches.find(({ one }) => one.method === method)
  if (!match) {
    const allow = matches.map(({ one }) => one.method).join(', ')
    return error(405, 'method-not-allowed', { message: `use ${allow}` }, { allow })
  }
  try {
    return await serve(request, match.one, match.params, context)
  } catch (caught) {
    if (caught instanceof ThreadLimit)
      return error(422, 'too-much-work', {
        of: caught.of,
        message: `this needs more ${caught.of} than one request may take: ask for less at a time`,
      })
    if (isDiskFull(caught)) return error(507, 'disk-full', { message: DISK_FULL })
    return error(500, 'internal', {
      id: context.report(caught),
      message: 'something broke here; the id stands in the log',
    })
  }
}

/** What a request says, checked against its endpoint's schemas. */
interface Said {
  readonly input: unknown
  readonly query: Record<string, unknown>
  readonly text: string
  readonly bytes: Uint8Array | undefined
  readonly contentType: string
  readonly key: string | undefined
}

async function serve(
  request: Request,
  one: Endpoint,
  params: Record<string, string>,
  context: DispatchContext,
): Promise<Response> {
  const said = await readRequest(request, one)
  if (said instanceof Response) return said
  const answer: Answer = await one.handle(said.input, {
    bench: await context.bench(),
    now: context.now(),
    params,
    by: context.by,
    ...said,
  })
  if (!answer.ok) return json(answer.status, { error: answer.error })
  // JSON has no word for a figure without end: it would stand there as null, where a number is promised
  const endless = one.method === 'POST' ? endlessFigure(answer.body) : undefined
  if (endless !== undefined)
    return unfit([
      { path: [], message: `${endless} has no finite value here: the figures are too large, or too small` },
    ])
  return json(answer.status, answer.body)
}

/** Reads what a request says, or answers why it is not taken. */
async function readRequest(request: Request, one: Endpoint): Promise<Said | Response> {
  const contentType = (request.headers.get('content-type') ?? '').split(';')[0]?.trim().toLowerCase() ?? ''
  const key = request.headers.get('idempotency-key') ?? undefined
  if (key !== undefined && !/^[\x21-\x7e]{1,120}$/.test(key))
    return unfit([{ path: ['Idempotency-Key'], message: 'must be 1 to 120 visible ASCII characters' }])
  const asked = Object.fromEntries(new URL(request.url).searchParams)
  const badQuery = badText(asked)
  if (badQuery) return unfit([{ path: badQuery.path, message: badTextWords(badQuery) }])
  const query = one.query?.safeParse(asked)
  if (query && !query.success) return unfit(plainIssues(query.error))
  const rest = { query: query?.data ?? {}, contentType, key }
  if (one.method !== 'POST') return { input: undefined, text: '', bytes: undefined, ...rest }
  const coming = Number(request.headers.get('content-length') ?? 0)
  if (one.large && coming > one.large.above(contentType) && coming <= one.limitBytes) one.large.ready?.()
  const bytes = await readBytes(request, one.limitBytes)
  if (!bytes)
    return error(413, 'too-large', {
      limitBytes: one.limitBytes,
      message: `the body is above ${one.limitBytes / 1024 / 1024} MB`,
    })
  const isText = (one.accepts ?? []).includes(contentType)
  if (!isText && contentType !== JSON_TYPE)
    return unfit([
      {
        path: [],
        message: `Content-Type must be ${[...new Set([JSON_TYPE, ...(one.accepts ?? [])])].join(' or ')}`,
      },
    ])
  if (one.large && bytes.byteLength > one.large.above(contentType))
    return { input: undefined, text: '', bytes, ...rest }
  if (isText) {
    const read = textOfBytes(bytes)
    return read.ok ? { input: undefined, text: read.text, bytes: undefined, ...rest } : unfit(read.issues)
  }
  const read = jsonOfBytes(bytes)
  if (!read.ok) return unfit(read.issues)
  const checked = one.input?.safeParse(read.value)
  if (checked && !checked.success) return unfit(plainIssues(checked.error).slice(0, 100))
  return { input: checked?.data, text: '', bytes: undefined, ...rest }
}

/** The name of the first figure in an answer that is none. */
function endlessFigure(body: unknown, name = 'the answer'): string | undefined {
  if (typeof body === 'number') return Number.isFinite(body) ? undefined : name
  if (typeof body !== 'object' || body === null) return undefined
  for (const [key, value] of Object.entries(body)) {
    const found = endlessFigure(value, Array.isArray(body) ? name : key)
    if (found !== undefined) return found
  }
  return undefined
}

function matchPath(pattern: string, path: string): Record<string, string> | undefined {
  const wanted = pattern.split('/')
  const given = path.split('/')
  if (wanted.length !== given.length) return undefined
  const params: Record<string, string> = {}
  for (const [i, part] of wanted.entries()) {
    const said = given[i] ?? ''
    if (part.startsWith(':')) params[part.slice(1)] = said
    else if (part !== said) return undefined
  }
  return params
}
