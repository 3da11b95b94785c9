import { z } from 'zod'
import { IMPORT_LIMIT, answer, badInput, endpoint } from '@/api/endpoint'
import { importCatalogue, readCatalogueInput } from '@/data/repositories/catalogue'
import { catalogueSchema } from '@/core/parts/catalogue/schema'
import { catalogueFaultWords } from '@/words/catalogue'

export const readCatalogueEndpoint = endpoint({
  method: 'GET',
  path: 'catalogue',
  summary: 'The whole shelf and crib as a catalogue package',
  output: catalogueSchema,
  handle: async (_input, { bench }) => answer(await readCatalogueInput(bench.db)),
})

export const importCatalogueEndpoint = endpoint({
  method: 'POST',
  path: 'catalogue',
  summary: 'Lays a catalogue package over the shelf: items are added or replaced by id, nothing is removed',
  input: catalogueSchema,
  output: z.object({ added: z.array(z.string()), changed: z.array(z.string()), same: z.number() }),
  limitBytes: IMPORT_LIMIT,
  handle: async (input, { bench, now }) => {
    const imported = await importCatalogue(bench.db, input, now)
    return imported.ok
      ? answer(imported.value)
      : badInput(imported.fault.slice(0, 50).map((fault) => ({ path: [], message: catalogueFaultWords(fault) })))
  },
})
