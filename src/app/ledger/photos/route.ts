import { bench } from '@/data/bench'
import { loadJob } from '@/data/repositories/jobs'

/** Photos that stand by a termination of a job. */
export async function GET(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url)
  const { db, jobs } = await bench()
  const folded = await loadJob(db, jobs, searchParams.get('job') ?? '')
  return Response.json(
    { photos: (folded?.state.photos.get(searchParams.get('term') ?? '') ?? []).map((photo) => photo.photo) },
    { headers: { 'cache-control': 'no-store' } },
  )
}
