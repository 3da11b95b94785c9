import { z } from 'zod'
import { catalogueSchema } from '@/core/parts/catalogue/schema'
import { jobDocumentSchema } from './jobDocument'

const publish = (id: string, title: string, schema: z.ZodType) => ({
  $id: id,
  title,
  ...z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }),
})

/** The documents that other programs may write, as JSON Schema: made from the schemas that read them. */
export const jsonSchemas = (): Readonly<Record<string, object>> => ({
  'job.schema.json': publish('urn-bench/job', 'A job of Urn Bench', jobDocumentSchema),
  'catalogue.schema.json': publish('urn-bench/catalogue', 'A catalogue package of Urn Bench', catalogueSchema),
})
