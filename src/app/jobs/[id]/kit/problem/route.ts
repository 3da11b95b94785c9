import { readProblems } from '@/stations/kit/readKit'

/** The whole job's choice, for the solver in the browser. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const found = await readProblems((await params).id)
  return found ? Response.json(found) : Response.json({ error: { code: 'not-found' } }, { status: 404 })
}
