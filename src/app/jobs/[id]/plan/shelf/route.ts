import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { planShelf } from '@/stations/plan/planShelf'

/** The shelf as Plan needs it, loaded beside the page and not with it. */
export async function GET(): Promise<Response> {
  const { db, catalogue } = await bench()
  return Response.json(planShelf(await loadCatalogue(db, catalogue)))
}
