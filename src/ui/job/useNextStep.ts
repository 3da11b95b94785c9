'use client'
import { usePathname } from 'next/navigation'
import { useMemo } from 'react'
import { stations } from '@/core/views/progress'
import { stepAt, type NextStep } from '@/core/views/steps'
import { useGo } from '../address/GoProvider'
import { useJob } from './JobProvider'
import { useSelect } from './useAt'

/** The next step: what is left here for now, else the job's own, whichever station it is in; and the way there, with the thing in question selected. */
export function useNextStep(): { readonly step: NextStep; readonly go: () => void } {
  const { id, state } = useJob()
  const select = useSelect()
  const here = usePathname()
  const goTo = useGo()
  const station = stations.find((one) => here.endsWith(`/${one}`))
  const step = useMemo(() => stepAt(state, station), [state, station])
  const go = () => {
    const there = `/jobs/${id}/${step.station}`
    if (there === here) select(step.focus ?? null)
    else goTo(step.focus === undefined ? there : `${there}?at=${encodeURIComponent(step.focus)}`)
  }
  return { step, go }
}
