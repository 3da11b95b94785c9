'use client'
import { usePathname } from 'next/navigation'
import { useMemo } from 'react'
import { nextStep, type NextStep } from '@/core/views/steps'
import { useGo } from '../address/GoProvider'
import { useJob } from './JobProvider'
import { useSelect } from './useAt'

/** The job's next step, whichever station it is in, and the way there: its station, with the thing in question selected. */
export function useNextStep(): { readonly step: NextStep; readonly go: () => void } {
  const { id, state } = useJob()
  const select = useSelect()
  const here = usePathname()
  const goTo = useGo()
  const step = useMemo(() => nextStep(state), [state])
  const go = () => {
    const there = `/jobs/${id}/${step.station}`
    if (there === here) select(step.focus ?? null)
    else goTo(step.focus === undefined ? there : `${there}?at=${encodeURIComponent(step.focus)}`)
  }
  return { step, go }
}
