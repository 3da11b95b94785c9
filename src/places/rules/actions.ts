'use server'

import { rulesActionsWords as words } from '@/words/screens/rules/rulesActions'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import { type HouseRules, isShipped } from '@/core/parts/rules/houseRules'
import { isZone } from '@/core/base/benchDay'
import { houseRulesSchema } from '@/core/parts/rules/schema'
import { bench } from '@/data/bench'
import { done, refused, withRoom } from '@/data/outcome'
import { plainIssues } from '@/words/plainIssues'
import { importCatalogue } from '@/data/repositories/catalogue'
import { isCurrency, writeSays } from '@/data/repositories/says'
import { writeZone } from '@/data/repositories/zone'
import { type BenchSays, isBenchUnits, sayIn } from '@/words/benchUnits'
import { unitsWords } from '@/words/screens/rules/unitsSetting'
import { catalogueFaultWords } from '@/words/catalogue'
import { zoneWords } from '@/words/screens/rules/zoneSetting'
import type { Outcome } from '@/core/base/outcome'

/** Keeps a bench's own house rules. Those that ship are never changed: they are copied. Jobs keep the rules that they pinned. */
export async function saveRules(input: HouseRules): Promise<Outcome> {
  const read = houseRulesSchema.safeParse(input)
  if (!read.success)
    return refused(
      plainIssues(read.error)
        .slice(0, 3)
        .map(({ path, message }) => `${path.join('.')}: ${message}`)
        .join('; '),
    )
  if (isShipped(read.data.id)) return refused(words.schoolsThatShipStay)
  const { db } = await bench()
  return withRoom(async () => {
    const written = await importCatalogue(db, { ...emptyPackage, rules: [read.data] }, new Date())
    return written.ok ? done(undefined) : refused(written.fault.map(catalogueFaultWords).join(' '))
  })
}

/** Says where the bench is: its days and times are of that zone from then on. What was written keeps its moment. */
export async function saveZone(zone: string): Promise<Outcome> {
  if (!isZone(zone)) return refused(zoneWords.unknown(zone))
  return withRoom(async () => {
    await writeZone((await bench()).db, zone)
    return done(undefined)
  })
}

/** Says which units come first on every screen and paper of this bench, and in what its prices are. */
export async function saveSays({ units, currency }: BenchSays): Promise<Outcome> {
  if (!isBenchUnits(units)) return refused(unitsWords.unwritten)
  if (currency !== undefined && !isCurrency(currency)) return refused(unitsWords.unknown(currency))
  return withRoom(async () => {
    const { db } = await bench()
    await writeSays(db, { units, currency })
    sayIn({ units, currency })
    return done(undefined)
  })
}
