import { pageTitles as words } from '@/words/screens/app/pageTitles'
import { benchClock } from '@/data/benchClock'
import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { isInCrib } from '@/core/parts/catalogue/types'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { CribPlace } from '@/places/crib/CribPlace'
import { readToolWork } from '@/places/ledger/readLedger'

export const metadata: Metadata = { title: words.crib }

export default async function CribPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly show?: string; readonly tool?: string }>
}) {
  const { show, tool } = await searchParams
  const { db, catalogue } = await bench()
  const [shelf, worked] = await Promise.all([loadCatalogue(db, catalogue), readToolWork()])
  const work = new Map(worked.map((one) => [one.tool, one]))
  // what could be had stands behind what is here
  const ordered = [...shelf.tools.values()].sort((a, b) => Number(isInCrib(b)) - Number(isInCrib(a)))
  const tools = ordered.map((tool) => ({
    id: tool.id,
    held: tool.held ?? 'crib',
    name: tool.name,
    class: tool.class,
    doneOn: tool.verification?.doneOn,
    dueOn: tool.verification?.dueOn,
    since: work.get(tool.id)?.since,
    gaugedAt: work.get(tool.id)?.gaugedAt,
  }))
  const changed = tool === undefined ? undefined : shelf.tools.get(tool)
  if (tool !== undefined && !changed) notFound()
  return (
    <CribPlace
      tools={tools}
      today={(await benchClock()).dayOf(new Date())}
      form={changed || show === 'new' ? { tool: changed, taken: [...shelf.tools.keys()] } : undefined}
    />
  )
}
