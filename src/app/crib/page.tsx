import { pageTitles as words } from '@/words/screens/app/pageTitles'
import { benchClock } from '@/data/benchClock'
import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { bench } from '@/data/bench'
import { loadCatalogue, readCardsOf } from '@/data/repositories/catalogue'
import { CribPlace, type CribShown } from '@/places/crib/CribPlace'
import { cribTools, gapModels, reachModel, verifyModel } from '@/places/crib/readCrib'
import { readToolWork } from '@/data/repositories/ledgerBook'

export const metadata: Metadata = { title: words.crib }

export default async function CribPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly show?: string; readonly tool?: string; readonly contact?: string }>
}) {
  const { show, tool: asked, contact } = await searchParams
  const here = await bench()
  const { db, catalogue: cache } = here
  const [shelf, worked] = await Promise.all([loadCatalogue(db, cache), readToolWork(here)])
  const today = (await benchClock()).dayOf(new Date())
  const tool = asked === undefined ? undefined : shelf.tools.get(asked)
  if (asked !== undefined && !tool) notFound()
  const form = {
    opened: tool && { tool, placards: await readCardsOf(db, tool.id) },
    taken: [...shelf.tools.keys()],
    contacts: [...shelf.contacts.keys()],
    at: contact,
  }
  const shown: CribShown = tool
    ? {
        show: 'tool',
        form,
        id: tool.id,
        verify: verifyModel(shelf, tool, worked, today),
        reach: reachModel(shelf, tool),
      }
    : show === 'new'
      ? { show: 'new', form }
      : show === 'gaps'
        ? { show: 'gaps', gaps: gapModels(shelf) }
        : { show: 'tools' }
  return <CribPlace tools={cribTools(shelf, worked, today)} shown={shown} />
}
