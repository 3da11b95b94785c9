'use client'

import { useSavePlanWords as words } from '@/words/screens/plan/useSavePlan'
import { useState } from 'react'
import type { ChangePreview } from '@/core/views/previewChange'
import type { PlanChange } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { previewPlan, savePlan } from './actions'
import { useCall } from '@/ui/action/useCall'
import { useAction } from '@/ui/action/useAction'

export interface Asked {
  readonly change: PlanChange
  readonly preview: ChangePreview
}

/** What could not be reached changed nothing. */
const KEPT = words.nothingWasChangedWhat

/** Saves plan changes. One that undoes work is shown first, and applied only when that is meant. */
export function useSavePlan() {
  const { id, tell } = useJob()
  const action = useAction()
  const { busy, call } = useCall()
  const [asked, setAsked] = useState<Asked>()

  const write = async (change: PlanChange, accept: readonly string[]): Promise<boolean> => {
    return action.write((asking) => savePlan({ ...asking, change, accept: [...accept] }), undefined, KEPT)
  }

  return {
    busy: busy || action.busy,
    preview: asked?.preview,
    tell: (text: string) => tell({ tone: 'attend', text }),
    drop: () => setAsked(undefined),
    /** `ask`: the change undoes work, and waits for the word */
    save: async (change: PlanChange): Promise<'written' | 'ask' | 'refused'> => {
      const preview = await call(() => previewPlan({ jobId: id, change }), KEPT)
      if (!preview?.ok) {
        if (preview) tell({ tone: 'fault', text: preview.message })
        return 'refused'
      }
      if (preview.value.cost.disturbed.length === 0) return (await write(change, [])) ? 'written' : 'refused'
      setAsked({ change, preview: preview.value })
      return 'ask'
    },
    accept: async (): Promise<boolean> => {
      const written = asked !== undefined && (await write(asked.change, asked.preview.cost.disturbed))
      if (written) setAsked(undefined)
      return written
    },
  }
}
