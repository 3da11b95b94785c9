import { readTools } from '@/stations/kit/readKit'

/** What the crib cannot crimp, and what could. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const found = await readTools((await params).id)
  return found ? Response.json(found) : Response.json({ error: { code: 'not-found' } }, { status: 404 })
}
