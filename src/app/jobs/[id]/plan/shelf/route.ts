import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import { planShelf } from '@/stations/plan/planShelf'

/** The shelf as Plan needs it, loaded beside the page and not with it. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { db, jobs, catalogue } = await bench()
  const [shelf, folded] = await Promise.all([loadCatalogue(db, catalogue), loadJob(db, jobs, (await params).id)])
  return folded
    ? Response.json(planShelf(shelf, folded.state.facts))
    : Response.json({ error: { code: 'not-found' } }, { status: 404 })
}
