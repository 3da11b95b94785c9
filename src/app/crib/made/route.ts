import { bench } from '@/data/bench'
import { readToolWork } from '@/data/repositories/ledgerBook'

/** How many contacts a tool has closed since it was verified: `?tool=`. */
export async function GET(request: Request): Promise<Response> {
  const tool = new URL(request.url).searchParams.get('tool') ?? ''
  const made = (await readToolWork(await bench())).find((one) => one.tool === tool)?.since ?? 0
  return Response.json({ made }, { headers: { 'cache-control': 'no-store' } })
}
