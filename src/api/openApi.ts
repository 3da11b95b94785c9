import { z } from 'zod'
import type { Endpoint } from './endpoint'

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

/** The OpenAPI 3.1 document of the endpoints, from the definitions that the dispatcher serves. */
export function openApi(endpoints: readonly Endpoint[], version: string): Record<string, unknown> {
  const paths: Record<string, Record<string, unknown>> = {}
  for (const one of endpoints) {
    const names = [...one.path.matchAll(/:(\w+)/g)].map((match) => match[1] ?? '')
    const path = `/api/v1/${one.path.replace(/:(\w+)/g, '{$1}')}`
    const success = one.method === 'POST' && one.path.startsWith('jobs') ? '201' : '200'
    paths[path] = {
      ...paths[path],
      [one.method.toLowerCase()]: {
        summary: one.summary,
        operationId: `${one.method.toLowerCase()}-${one.path.replaceAll(/[/:.]+/g, '-')}`,
        ...(names.length > 0 && {
          parameters: names.map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
        }),
        ...(one.input && {
          requestBody: {
            required: true,
            content: {
              'application/json': { schema: schemaOf(one.input, 'input') },
              ...Object.fromEntries((one.accepts ?? []).map((type) => [type, { schema: { type: 'string' } }])),
            },
          },
        }),
        responses: {
          [success]: {
            description: 'the answer',
            content: { 'application/json': { schema: schemaOf(one.output, 'output') } },
          },
          '400': failure('bad input: what, where, what would be right'),
          '404': failure('no such record or path'),
          ...(one.path.endsWith('journal') &&
            one.method === 'POST' && { '409': failure('somebody else changed the same thing in between') }),
          '422': failure('well-formed, but there is no answer'),
        },
      },
    }
  }
  return {
    openapi: '3.1.0',
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
