import { jobsLayoutWords as words } from '@/words/screens/app/jobsLayout'
import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { cache, type ReactNode } from 'react'
import { packState } from '@/core/record/state/packedState'
import { bench } from '@/data/bench'
import { loadRecord } from '@/data/repositories/jobs'
import { JobFrame } from '@/ui/job/JobFrame'
import { JobProvider } from '@/ui/job/JobProvider'
import { SelectProvider } from '@/ui/job/useAt'

type Props = { readonly params: Promise<{ id: string }>; readonly children: ReactNode }

/** Once for a page, whoever of it asks. */
const load = cache(async (id: string) => {
  const { db, jobs } = await bench()
  return loadRecord(db, jobs, decodeURIComponent(id))
})

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params
  const loaded = await load(id)
  return { title: loaded?.folded.state.plan.title ?? words.noSuchJob }
}

export default async function JobLayout({ params, children }: Props) {
  const { id } = await params
  const loaded = await load(id)
  if (!loaded) notFound()
  const { folded, provenance } = loaded
  return (
    <JobProvider key={id} id={id} initial={packState(folded.state)} provenance={provenance}>
      <SelectProvider>
        <JobFrame>{children}</JobFrame>
      </SelectProvider>
    </JobProvider>
  )
}
