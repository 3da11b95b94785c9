import { readSupply } from '@/stations/kit/readKit'

/** The kit list of a job against stock and packs. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const found = await readSupply((await params).id)
  return found ? Response.json(found) : Response.json({ error: { code: 'not-found' } }, { status: 404 })
}
