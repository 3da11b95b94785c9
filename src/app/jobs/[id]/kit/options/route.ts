import { benchClock } from '@/data/benchClock'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import { kitOptions } from '@/stations/kit/kitOptions'

/** What Kit shows of one side of a wire, worked out on the server where the shelf is. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params
  const query = new URL(request.url).searchParams
  const { db, jobs, catalogue: cache } = await bench()
  const folded = await loadJob(db, jobs, id)
  const side = query.get('side') === 'b' ? 'b' : 'a'
  const options =
    folded &&
    kitOptions(
      {
        catalogue: await loadCatalogue(db, cache),
        plan: folded.state.plan,
        sets: folded.state.sets,
        today: (await benchClock()).dayOf(new Date()),
      },
      query.get('wire') ?? '',
      side,
    )
  return options ? Response.json(options) : Response.json({ error: { code: 'not-found' } }, { status: 404 })
}
