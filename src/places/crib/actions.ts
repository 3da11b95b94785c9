'use server'
import type { Outcome } from '@/core/base/outcome'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import type { Tool } from '@/core/parts/catalogue/types'
import { bench } from '@/data/bench'
import { done, refused, withRoom } from '@/data/outcome'
import { importCatalogue, readItem } from '@/data/repositories/catalogue'
import { parseCatalogue } from '@/formats/catalogueFile'
import { fileFaultWords } from '@/threads/checkPackage'
import { catalogueFaultWords } from '@/words/catalogue'
import { toolFormWords as words } from '@/words/screens/crib/toolForm'

/** Puts a tool in the crib, or changes one. A new one must not take another's number. */
export async function saveTool({
  tool,
  isNew,
}: {
  readonly tool: Tool
  readonly isNew: boolean
}): Promise<Outcome<string>> {
  const read = parseCatalogue({ ...emptyPackage, tools: [tool] })
  if (!read.ok) return refused(read.fault.slice(0, 3).map(fileFaultWords).join('; '))
  const { db } = await bench()
  if (isNew && (await readItem<Tool>(db, 'tool', tool.id))) return refused(words.there(tool.id))
  return withRoom(async () => {
    const written = await importCatalogue(db, read.value, new Date())
    return written.ok ? done(tool.id) : refused(written.fault.slice(0, 3).map(catalogueFaultWords).join(' '))
  })
}
