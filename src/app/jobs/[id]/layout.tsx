import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { snapshot } from '@/core/record/state/state'
import { bench } from '@/data/bench'
import { loadJob } from '@/data/repositories/jobs'
import { JobFrame } from '@/ui/job/JobFrame'
import { JobProvider } from '@/ui/job/JobProvider'

type Props = { readonly params: Promise<{ id: string }>; readonly children: ReactNode }

async function load(params: Props['params']) {
  const { id } = await params
  const { db, jobs } = await bench()
  return { id, folded: await loadJob(db, jobs, decodeURIComponent(id)) }
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { folded } = await load(params)
  return { title: folded?.state.plan.title ?? 'No such job' }
}

export default async function JobLayout({ params, children }: Props) {
  const { id, folded } = await load(params)
  if (!folded) notFound()
  return (
    <JobProvider key={id} id={id} initial={snapshot(folded.state)}>
      <JobFrame>{children}</JobFrame>
    </JobProvider>
  )
}
