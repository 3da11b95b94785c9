'use client'
import { useRouter } from 'next/navigation'
import { useMemo } from 'react'
import { nextStep, type NextStep } from '@/core/views/steps'
import { useJob } from './JobProvider'

/** The job's next step, whichever station it is in, and the way there: its station, with the thing in question selected. */
export function useNextStep(): { readonly step: NextStep; readonly go: () => void } {
  const { id, state, ask } = useJob()
  const router = useRouter()
  const step = useMemo(() => nextStep(state), [state])
  const go = () => {
    ask(step.focus)
    router.push(`/jobs/${id}/${step.station}${step.focus === undefined ? '' : `?at=${encodeURIComponent(step.focus)}`}`)
  }
  return { step, go }
}
