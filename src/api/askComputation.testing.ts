import type { Bench } from '@/data/bench'
import { dispatch } from './dispatch'

/** Computations need no data: the bench is an empty one. */
const context = {
  bench: () => Promise.resolve({} as Bench),
  now: () => new Date('2026-11-25T09:00:00Z'),
  by: 'api',
  report: () => 'id',
}

/** What the open interface answers to a computation. */
export async function ask(
  path: string,
  body: unknown,
): Promise<{ readonly status: number; readonly body: Record<string, unknown> }> {
  const response = await dispatch(
    new Request(`http://127.0.0.1/api/v1/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }),
    path,
    context,
  )
  return { status: response.status, body: (await response.json()) as Record<string, unknown> }
}
