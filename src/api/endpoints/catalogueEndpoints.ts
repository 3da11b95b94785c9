import { z } from 'zod'
import { IMPORT_LIMIT, answer, badInput, endpoint } from '@/api/endpoint'
import {
  type CheckedImport,
  importCatalogue,
  importChecked,
  readCatalogueInput,
  shelfVersion,
} from '@/data/repositories/catalogue'
import { catalogueSchema } from '@/core/parts/catalogue/schema'
import type { Database } from '@/data/database'
import type { CatalogueInput } from '@/core/parts/catalogue/types'
import { type FileFault, parseCatalogue } from '@/formats/catalogueFile'
import { runPackage } from '@/threads/runPackage'
import { parseJson } from '@/formats/parseJson'
import { parsedWords } from '@/words/parsed'
import { catalogueFaultWords } from '@/words/catalogue'

export const readCatalogueEndpoint = endpoint({
  method: 'GET',
  path: 'catalogue',
  summary: 'The whole shelf and crib as a catalogue package',
  output: catalogueSchema,
  handle: async (_input, { bench }) => answer(await readCatalogueInput(bench.db)),
})

/** Bytes up to which a package is checked at once. */
const INLINE = 200_000

type Read =
  | { readonly ok: true; readonly input: CatalogueInput; readonly checked?: CheckedImport }
  | { readonly ok: false; readonly faults: readonly FileFault[] }

function readInline(text: string): Read {
  const document = parseJson(text)
  if (!document.ok) return { ok: false, faults: [{ path: [], message: parsedWords[document.why] }] }
  const read = parseCatalogue(document.value)
  return read.ok ? { ok: true, input: read.value } : { ok: false, faults: read.fault }
}

async function checkedBeside(db: Database, bytes: Uint8Array): Promise<Read> {
  const shelf = await shelfVersion(db)
  const checked = await runPackage(bytes, await readCatalogueInput(db))
  return checked.ok
    ? { ok: true, input: checked.input, checked: { ...checked, shelf } }
    : { ok: false, faults: checked.faults.map((message) => ({ path: [], message })) }
}

export const importCatalogueEndpoint = endpoint({
  method: 'POST',
  path: 'catalogue',
  summary: 'Lays a catalogue package over the shelf: items are added or replaced by id, nothing is removed',
  input: catalogueSchema,
  output: z.object({ added: z.array(z.string()), changed: z.array(z.string()), same: z.number() }),
  fails: [422],
  limitBytes: IMPORT_LIMIT,
  // a large one is parsed and checked beside the requests
  accepts: ['application/json'],
  large: { above: () => INLINE },
  handle: async (_input, { bench, now, text, bytes }) => {
    const read = bytes ? await checkedBeside(bench.db, bytes) : readInline(text)
    if (!read.ok) return badInput(read.faults.slice(0, 50))
    const imported = read.checked
      ? await importChecked(bench.db, read.checked, now)
      : await importCatalogue(bench.db, read.input, now)
    return imported.ok
      ? answer(imported.value)
      : badInput(imported.fault.slice(0, 50).map((fault) => ({ path: [], message: catalogueFaultWords(fault) })))
  },
})
