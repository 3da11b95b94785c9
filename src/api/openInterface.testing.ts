import { afterAll, beforeAll, expect } from 'vitest'
import type { Bench } from '@/data/bench'
import { openTestDatabase } from '@/data/database.testing'
import { loadDemo } from '@/data/loadDemo'
import { newJobCache } from '@/data/repositories/jobCache'
import { type DispatchContext, dispatch } from './dispatch'
import { endpoints } from './endpoints'

export interface Got {
  readonly status: number
  readonly body: Record<string, unknown> & {
    sets?: unknown[]
    rejected?: unknown[]
    error?: { code: string; message?: string; issues?: { path: unknown[]; message: string }[] }
  }
  readonly headers: Headers
}

interface Asked {
  readonly contentType?: string
  readonly headers?: Readonly<Record<string, string>>
  /** the operator of the bench, by its cookie */
  readonly by?: string
}

/** Every answer is one that its definition publishes: a status that it names, and nothing that its schema does not. */
function holdsItsSchema(method: string, route: string, status: number, body: unknown): void {
  const one = endpoints.find(
    ({ method: by, path }) => by === method && new RegExp(`^${path.replace(/:\w+/g, '[^/]+')}$`).test(route),
  )
  if (!one) return
  expect([...one.succeeds, 400, 405, 413, 500, 507, ...one.fails]).toContain(status)
  if ((one.succeeds as readonly number[]).includes(status)) expect(one.output.parse(body)).toEqual(body)
}

/** The open interface on the demo's world, for the tests of one file. */
export function openInterface() {
  let opened: Bench
  const reports: unknown[] = []
  beforeAll(async () => {
    opened = { ...(await openTestDatabase()), jobs: newJobCache(), catalogue: {} }
    await loadDemo(opened.db, opened.jobs)
  })
  afterAll(() => opened.close())
  const bench = () => opened
  const context: DispatchContext = {
    bench: () => Promise.resolve(opened),
    now: () => new Date('2026-11-25T09:00:00Z'),
    by: 'api',
    report: (error: unknown) => String(reports.push(error)),
  }

  async function call(
    method: string,
    path: string,
    body?: unknown,
    { contentType = 'application/json', headers = {}, by = 'api' }: Asked = {},
  ): Promise<Got> {
    const [route = '', search] = path.split('?')
    const init =
      body === undefined
        ? { headers: { ...headers } }
        : {
            body: typeof body === 'string' ? body : JSON.stringify(body),
            headers: { 'content-type': contentType, ...headers },
          }
    const response = await dispatch(
      new Request(`http://127.0.0.1/api/v1/${encodeURI(route)}${search === undefined ? '' : `?${search}`}`, {
        method,
        ...init,
      }),
      route,
      { ...context, by },
    )
    expect(response.headers.get('content-type')).toMatch(/^application\/json/)
    const got = (await response.json()) as Got['body']
    holdsItsSchema(method, route, response.status, got)
    return { status: response.status, body: got, headers: response.headers }
  }

  const post = (path: string, body: unknown, asked?: Asked) => call('POST', path, body, asked)
  return { bench, call, post, reports, context }
}
