import type { z } from 'zod'
import type { DeepReadonly } from '@/core/base/deepReadonly'
import type { Bench } from '@/data/bench'

/** What every endpoint is given besides its input. */
export interface ApiContext<Query = unknown> {
  readonly bench: Bench
  readonly now: Date
  readonly params: Readonly<Record<string, string>>
  /** as the definition's schema reads it */
  readonly query: Query
  /** the operator that this bench has picked */
  readonly by: string
  /** the raw body, where an endpoint takes text; empty where it is `bytes` */
  readonly text: string
  /** the raw body as it came, where it is too large to be read among the requests */
  readonly bytes: Uint8Array | undefined
  readonly contentType: string
  /** `Idempotency-Key`: a request that is sent again is answered as it was */
  readonly key: string | undefined
}

/** What an endpoint may fail with besides bad input (400), a wrong method (405), too much (413) and what breaks (500). */
export type Failure = 404 | 409 | 422
export type Success = 200 | 201

export interface Answered<Body, Status extends Success = Success> {
  readonly ok: true
  readonly status: Status
  readonly body: Body
}
export interface Failed<Status extends 400 | Failure> {
  readonly ok: false
  readonly status: Status
  readonly error: { readonly code: string } & Readonly<Record<string, unknown>>
}
export type Answer = Answered<unknown> | Failed<400 | Failure>

/** A body that would hold up other requests is handed to the handler as it came. */
export interface Large {
  /** bytes of a content type above which a body counts as large */
  readonly above: (contentType: string) => number
  /** such a body begins to come: what reads it can be made ready */
  readonly ready?: () => void
}

/** One endpoint of the open interface: the dispatcher, the OpenAPI document and the tests read the same definition. */
export interface Endpoint {
  readonly method: 'GET' | 'POST'
  /** below /api/v1, with `:name` for a part that varies */
  readonly path: string
  readonly summary: string
  readonly query?: z.ZodObject
  readonly input?: z.ZodType
  /** every answer is one of these; nothing is answered that it does not name */
  readonly output: z.ZodType
  /** the usual one first */
  readonly succeeds: readonly Success[]
  readonly fails: readonly Failure[]
  /** largest body, bytes */
  readonly limitBytes: number
  /** other content types that it reads by itself */
  readonly accepts?: readonly string[]
  readonly large?: Large
  readonly handle: (input: unknown, context: ApiContext) => Promise<Answer> | Answer
}

export const COMPUTE_LIMIT = 5 * 1024 * 1024
export const IMPORT_LIMIT = 64 * 1024 * 1024

interface Definition<In, Query, Out, Ok extends Success, No extends Failure> {
  readonly method: 'GET' | 'POST'
  readonly path: string
  readonly summary: string
  readonly input?: In
  readonly query?: Query
  readonly output: Out
  /** 200 when left out */
  readonly succeeds?: readonly Ok[]
  /** none when left out */
  readonly fails?: readonly No[]
  readonly limitBytes?: number
  readonly accepts?: readonly string[]
  readonly large?: Large
}
type Handled<Out extends z.ZodType, Ok extends Success, No extends Failure> =
  Answered<DeepReadonly<z.input<Out>>, Ok> | Failed<400 | No>

/** An endpoint whose handler gets input and query typed by their schemas, and answers nothing but what its output and statuses say. */
export function endpoint<
  In extends z.ZodType,
  Out extends z.ZodType,
  Query extends z.ZodObject = z.ZodObject,
  const Ok extends Success = 200,
  const No extends Failure = never,
>(
  definition: Definition<In, Query, Out, Ok, No> & {
    readonly handle: (
      input: z.infer<In>,
      context: ApiContext<z.infer<Query>>,
    ) => Promise<Handled<Out, Ok, No>> | Handled<Out, Ok, No>
  },
): Endpoint {
  const { handle, limitBytes = COMPUTE_LIMIT, succeeds = [200], fails = [], ...rest } = definition
  return {
    ...rest,
    limitBytes,
    succeeds,
    fails,
    // the dispatcher hands on what the schemas have let through
    handle: (input, context) => handle(input as z.infer<In>, context as ApiContext<z.infer<Query>>),
  }
}

export const answer = <const Body>(body: Body): Answered<Body, 200> => ({ ok: true, status: 200, body })
export const created = <const Body>(body: Body): Answered<Body, 201> => ({ ok: true, status: 201, body })
export const notFound = (message: string, path: readonly string[] = []): Failed<404> => ({
  ok: false,
  status: 404,
  error: { code: 'not-found', message, ...(path.length > 0 && { issues: [{ path, message }] }) },
})
export const badInput = (
  issues: readonly { readonly path: readonly (string | number)[]; readonly message: string }[],
): Failed<400> => ({ ok: false, status: 400, error: { code: 'bad-input', issues } })
export const noAnswer = (fault: { readonly code: string } & Readonly<Record<string, unknown>>): Failed<422> => ({
  ok: false,
  status: 422,
  error: fault,
})
export const conflict = (rest: Readonly<Record<string, unknown>>): Failed<409> => ({
  ok: false,
  status: 409,
  error: { code: 'conflict', ...rest },
})
