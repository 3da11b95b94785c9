import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { jsonSchemas } from './jsonSchemas'
import { jobDocumentSchema } from './jobDocument'

test.each(Object.entries(jsonSchemas()))(
  'docs/schemas/%s says what the program reads (npm run schemas)',
  (file, schema) => {
    expect(JSON.parse(readFileSync(`docs/schemas/${file}`, 'utf8'))).toEqual(JSON.parse(JSON.stringify(schema)))
  },
)

test('the demo’s job document is one', () => {
  expect(jobDocumentSchema.safeParse(JSON.parse(readFileSync('demo/jobs/deck-loom.json', 'utf8'))).success).toBe(true)
})
