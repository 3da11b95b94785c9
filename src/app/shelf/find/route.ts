import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { findParts } from '@/places/shelf/findParts'

/** Parts of the shelf for the find box: `?q=` a number, another number of it, or words. */
export async function GET(request: Request): Promise<Response> {
  const { db, catalogue: cache } = await bench()
  const question = (new URL(request.url).searchParams.get('q') ?? '').slice(0, 100)
  return Response.json(
    { found: findParts(await loadCatalogue(db, cache), question) },
    { headers: { 'cache-control': 'no-store' } },
  )
}
