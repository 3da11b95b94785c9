import { callerFault } from '@/api/callerCheck'
import { readBody } from '@/api/readBody'
import { CATALOGUE_FILE_LIMIT } from '@/formats/catalogueFile'
import { importPackage, previewPackage } from '@/places/shelf/packages'

/** A catalogue package from a file: looked at first, and with `?write=1` taken in. Beside the pages' proxy, which would cut a large one short. */
export async function POST(request: Request): Promise<Response> {
  const caller = callerFault(request.method, request.headers)
  if (caller) return Response.json({ ok: false, faults: [caller.message] }, { status: caller.status })
  const read = await readBody(request, CATALOGUE_FILE_LIMIT)
  if (!read.ok) return Response.json({ ok: false, faults: [read.why === 'too-large' ? `The file is above ${String(CATALOGUE_FILE_LIMIT / 2 ** 20)} MB: no catalogue of a workshop. Nothing was read.` : 'The file is no text in UTF-8.'] }, { status: 413 })
  const write = new URL(request.url).searchParams.get('write') === '1'
  return Response.json(write ? await importPackage(read.text) : await previewPackage(read.text))
}
