import { exportRouteWords as words } from '@/words/screens/app/exportRoute'
import { familyPackage } from '@/core/parts/catalogue/familyPackage'
import { bench } from '@/data/bench'
import { readCatalogueInput } from '@/data/repositories/catalogue'
import { writeYaml } from '@/formats/yaml'

/** The whole shelf, or one family with what belongs to it, as a package: `?family=id&as=yaml`. */
export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams
  const family = query.get('family') ?? undefined
  const { db } = await bench()
  const shelf = await readCatalogueInput(db)
  const input = family === undefined ? shelf : familyPackage(shelf, family)
  if (!input)
    return Response.json({ error: { code: 'not-found', message: words.noFamily(family ?? '') } }, { status: 404 })
  const yaml = query.get('as') !== 'json'
  return new Response(yaml ? writeYaml(input) : JSON.stringify(input, null, 1), {
    headers: {
      'content-type': yaml ? 'application/yaml; charset=utf-8' : 'application/json',
      'content-disposition': `attachment; filename="${family ?? 'shelf'}.${yaml ? 'yaml' : 'json'}"`,
      'cache-control': 'no-store',
    },
  })
}
