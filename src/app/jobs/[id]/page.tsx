import { redirect } from 'next/navigation'
import { nextStep } from '@/core/views/steps'
import { bench } from '@/data/bench'
import { loadJob } from '@/data/repositories/jobs'

/** A job without a station: where its next step is. */
export default async function JobPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params
  const { db, jobs } = await bench()
  const folded = await loadJob(db, jobs, id)
  redirect(`/jobs/${id}/${folded ? nextStep(folded.state).station : 'plan'}`)
}
