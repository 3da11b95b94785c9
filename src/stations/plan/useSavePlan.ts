'use client'
import { useState } from 'react'
import type { ChangePreview } from '@/core/views/previewChange'
import type { PlanChange } from '@/core/record/plan/plan'
import { useOperator } from '@/ui/frame/Operator'
import { useJob } from '@/ui/job/JobProvider'
import { previewPlan, savePlan } from './actions'

export interface Asked {
  readonly change: PlanChange
  readonly preview: ChangePreview
}

const unreachable = {
  ok: false,
  message: 'The bench does not answer. Nothing was changed; what you typed is kept.',
} as const

/** Saves plan changes. One that undoes work is shown first, and applied only when that is meant. */
export function useSavePlan() {
  const { id, state, tell, catchUp } = useJob()
  const { operator } = useOperator()
  const [busy, setBusy] = useState(false)
  const [asked, setAsked] = useState<Asked>()

  const write = async (change: PlanChange, accept: readonly string[]): Promise<boolean> => {
    if (!operator) {
      tell({ tone: 'attend', text: 'Say first who is at this bench: pick your name at the top right.' })
      return false
    }
    const outcome = await savePlan({ jobId: id, seen: state.seq, by: operator.id, change, accept: [...accept] }).catch(
      () => unreachable,
    )
    if (!outcome.ok) {
      tell({ tone: 'fault', text: outcome.message })
      return false
    }
    tell(undefined)
    await catchUp()
    return true
  }

  return {
    busy,
    preview: asked?.preview,
    tell: (text: string) => tell({ tone: 'attend', text }),
    drop: () => setAsked(undefined),
    /** `ask`: the change undoes work, and waits for the word */
    save: async (change: PlanChange): Promise<'written' | 'ask' | 'refused'> => {
      setBusy(true)
      try {
        const preview = await previewPlan({ jobId: id, change }).catch(() => unreachable)
        if (!preview.ok) {
          tell({ tone: 'fault', text: preview.message })
          return 'refused'
        }
        if (preview.value.cost.disturbed.length === 0) return (await write(change, [])) ? 'written' : 'refused'
        setAsked({ change, preview: preview.value })
        return 'ask'
      } finally {
        setBusy(false)
      }
    },
    accept: async (): Promise<boolean> => {
      if (!asked) return false
      setBusy(true)
      try {
        const written = await write(asked.change, asked.preview.cost.disturbed)
        if (written) setAsked(undefined)
        return written
      } finally {
        setBusy(false)
      }
    },
  }
}
