import { writeFileSync } from 'node:fs'
import { jsonSchemas } from '../src/formats/jsonSchemas'

for (const [file, schema] of Object.entries(jsonSchemas()))
  writeFileSync(`docs/schemas/${file}`, `${JSON.stringify(schema, null, 1)}\n`)
