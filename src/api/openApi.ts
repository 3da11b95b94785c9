import { z } from 'zod'
import type { Endpoint, Failure } from './endpoint'

const schemaOf = (schema: z.ZodType, io: 'input' | 'output') => z.toJSONSchema(schema, { io, unrepresentable: 'any' })

const errorSchema = {
  type: 'object',
  required: ['error'],
  properties: {
    error: {
      type: 'object',
      required: ['code'],
      properties: {
        code: { type: 'string' },
        message: { type: 'string' },
        issues: {
          type: 'array',
          items: {
            type: 'object',
            required: ['path', 'message'],
            properties: { path: { type: 'array' }, message: { type: 'string' } },
          },
        },
      },
    },
  },
}

const failure = (description: string) => ({
  description,
  content: { 'application/json': { schema: { $ref: '#/components/schemas/Error' } } },
})

const failures: Readonly<Record<Failure, string>> = {
  404: 'no such record or path',
  409: 'somebody else changed the same thing in between',
  422: 'well-formed, but there is no answer',
}

/** Every status that an endpoint can answer with. */
const responsesOf = (one: Endpoint): Record<string, unknown> => ({
  ...Object.fromEntries(
    one.succeeds.map((status) => [
      String(status),
      {
        description: 'the answer',
        content: { 'application/json': { schema: schemaOf(one.output, 'output') } },
      },
    ]),
  ),
  '400': failure('bad input: what, where, what would be right'),
  ...Object.fromEntries(one.fails.map((status) => [String(status), failure(failures[status])])),
  ...(one.method === 'POST' && { '413': failure(`the body is above ${one.limitBytes / 1024 / 1024} MB`) }),
  ...(one.method === 'POST' && { '507': failure('the disk of the bench is full; nothing was written') }),
  '405': failure('the path takes another method; Allow names it'),
  '500': failure('something broke here; the id stands in the log'),
})

/** What is named in the path, and what may be asked for behind it. */
function parametersOf(one: Endpoint): readonly Record<string, unknown>[] {
  const inPath = [...one.path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }))
  const inQuery = Object.entries((one.query ? schemaOf(one.query, 'input').properties : undefined) ?? {}).map(
    ([name, schema]) => ({ name, in: 'query', required: false, schema }),
  )
  return [...inPath, ...inQuery]
}

/** The OpenAPI 3.1 document of the endpoints, from the definitions that the dispatcher serves. */
export function openApi(endpoints: readonly Endpoint[], version: string) {
  const paths: Record<string, Record<string, unknown>> = {}
  for (const one of endpoints) {
    const parameters = parametersOf(one)
    const path = `/api/v1/${one.path.replace(/:(\w+)/g, '{$1}')}`
    paths[path] = {
      ...paths[path],
      [one.method.toLowerCase()]: {
        summary: one.summary,
        operationId: `${one.method.toLowerCase()}-${one.path.replaceAll(/[/:.]+/g, '-')}`,
        ...(parameters.length > 0 && { parameters }),
        ...(one.input && {
          requestBody: {
            required: true,
            content: {
              'application/json': { schema: schemaOf(one.input, 'input') },
              ...Object.fromEntries((one.accepts ?? []).map((type) => [type, { schema: { type: 'string' } }])),
            },
          },
        }),
        responses: responsesOf(one),
      },
    }
  }
  return {
    openapi: '3.1.0' as const,
    info: {
      title: 'Urn Bench',
      version,
      description:
        'Computations and records of the bench. Units are in the names. Figures never replace the maker’s sheet.',
    },
    servers: [{ url: '/' }],
    paths,
    components: { schemas: { Error: errorSchema } },
  }
}
