import { pageTitles as words } from '@/words/screens/app/pageTitles'
import { benchClock } from '@/data/benchClock'
import type { Metadata } from 'next'
import { isInCrib } from '@/core/parts/catalogue/types'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { CribPlace } from '@/places/crib/CribPlace'
import { readToolWork } from '@/places/ledger/readLedger'

export const metadata: Metadata = { title: words.crib }

export default async function CribPage() {
  const { db, catalogue } = await bench()
  const [shelf, worked] = await Promise.all([loadCatalogue(db, catalogue), readToolWork()])
  const work = new Map(worked.map((one) => [one.tool, one]))
  const tools = [...shelf.tools.values()].filter(isInCrib).map((tool) => ({
    id: tool.id,
    name: tool.name,
    class: tool.class,
    doneOn: tool.verification?.doneOn,
    dueOn: tool.verification?.dueOn,
    since: work.get(tool.id)?.since,
    gaugedAt: work.get(tool.id)?.gaugedAt,
  }))
  return <CribPlace tools={tools} today={(await benchClock()).dayOf(new Date())} />
}
