'use client'
import { usePathname, useRouter } from 'next/navigation'
import { useMemo } from 'react'
import { nextStep, type NextStep } from '@/core/views/steps'
import { useJob } from './JobProvider'
import { useSelect } from './useAt'

/** The job's next step, whichever station it is in, and the way there: its station, with the thing in question selected. */
export function useNextStep(): { readonly step: NextStep; readonly go: () => void } {
  const { id, state } = useJob()
  const select = useSelect()
  const here = usePathname()
  const router = useRouter()
  const step = useMemo(() => nextStep(state), [state])
  const go = () => {
    const there = `/jobs/${id}/${step.station}`
    if (there === here) select(step.focus ?? null)
    else router.push(step.focus === undefined ? there : `${there}?at=${encodeURIComponent(step.focus)}`)
  }
  return { step, go }
}
