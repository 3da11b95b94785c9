import type { z } from 'zod'
import type { Bench } from '@/data/bench'

/** What every endpoint is given besides its input. */
export interface ApiContext {
  readonly bench: Bench
  readonly now: Date
  readonly params: Readonly<Record<string, string>>
  readonly query: URLSearchParams
  /** the operator that this bench has picked */
  readonly by: string
  /** the raw body, where an endpoint takes text */
  readonly text: string
  readonly contentType: string
}

export type Answer =
  | { readonly ok: true; readonly status: 200 | 201; readonly body: unknown }
  | {
      readonly ok: false
      readonly status: 400 | 404 | 409 | 413 | 422
      readonly error: { readonly code: string } & Readonly<Record<string, unknown>>
    }

/** One endpoint of the open interface: the dispatcher, the OpenAPI document and the tests read the same definition. */
export interface Endpoint {
  readonly method: 'GET' | 'POST'
  /** below /api/v1, with `:name` for a part that varies */
  readonly path: string
  readonly summary: string
  readonly input?: z.ZodType
  readonly output: z.ZodType
  /** largest body, bytes */
  readonly limitBytes: number
  /** other content types that it reads by itself */
  readonly accepts?: readonly string[]
  readonly handle: (input: unknown, context: ApiContext) => Promise<Answer> | Answer
}

export const COMPUTE_LIMIT = 5 * 1024 * 1024
export const IMPORT_LIMIT = 64 * 1024 * 1024

/** An endpoint whose handler gets its input typed by its schema. */
export function endpoint<In extends z.ZodType>(definition: {
  readonly method: 'GET' | 'POST'
  readonly path: string
  readonly summary: string
  readonly input?: In
  readonly output: z.ZodType
  readonly limitBytes?: number
  readonly accepts?: readonly string[]
  readonly handle: (input: z.infer<In>, context: ApiContext) => Promise<Answer> | Answer
}): Endpoint {
  const { handle, limitBytes = COMPUTE_LIMIT, ...rest } = definition
  // the dispatcher hands on what the schema has let through
  return { ...rest, limitBytes, handle: (input, context) => handle(input as z.infer<In>, context) }
}

export const answer = (body: unknown): Answer => ({ ok: true, status: 200, body })
export const created = (body: unknown): Answer => ({ ok: true, status: 201, body })
export const notFound = (message: string, path: readonly string[] = []): Answer => ({
  ok: false,
  status: 404,
  error: { code: 'not-found', message, ...(path.length > 0 && { issues: [{ path, message }] }) },
})
export const badInput = (
  issues: readonly { readonly path: readonly (string | number)[]; readonly message: string }[],
): Answer => ({ ok: false, status: 400, error: { code: 'bad-input', issues } })
export const noAnswer = (fault: { readonly code: string } & Readonly<Record<string, unknown>>): Answer => ({
  ok: false,
  status: 422,
  error: fault,
})
export const conflict = (rest: Readonly<Record<string, unknown>>): Answer => ({
  ok: false,
  status: 409,
  error: { code: 'conflict', ...rest },
})
