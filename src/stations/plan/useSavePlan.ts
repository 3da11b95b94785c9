'use client'

import { useSavePlanWords as words } from '@/words/screens/plan/useSavePlan'
import { useState } from 'react'
import type { ChangePreview } from '@/core/views/previewChange'
import type { PlanChange } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { previewPlan, savePlan } from './actions'
import { useCall } from '@/ui/action/useCall'
import { useAction } from '@/ui/action/useAction'

/** Wires that are cut and change: they were always so, and why; or each is another wire. */
export type WiresAnswer = { readonly how: 'corrected'; readonly why: string } | { readonly how: 'another' }

export interface Asked {
  readonly change: PlanChange
  readonly preview: ChangePreview
  readonly answer?: WiresAnswer
}

const answeredOf = (wires: readonly string[], answer: WiresAnswer | undefined) =>
  answer === undefined
    ? {}
    : answer.how === 'another'
      ? { another: [...wires] }
      : { corrected: wires.map((wire) => ({ wire, why: answer.why })) }

/** What could not be reached changed nothing. */
const KEPT = words.nothingWasChangedWhat

/** Saves plan changes. One that undoes work is shown first, and applied only when that is meant. */
export function useSavePlan() {
  const { id, tell } = useJob()
  const action = useAction()
  const { busy, call } = useCall()
  const [asked, setAsked] = useState<Asked>()

  const write = async (change: PlanChange, accept: readonly string[], answered = {}): Promise<boolean> => {
    return action.write((asking) => savePlan({ ...asking, change, accept: [...accept], answered }), undefined, KEPT)
  }

  return {
    busy: busy || action.busy,
    preview: asked?.preview,
    answer: asked?.answer,
    tell: (text: string) => tell({ tone: 'attend', text }),
    drop: () => setAsked(undefined),
    /** `ask`: the change undoes work, and waits for the word */
    save: async (change: PlanChange): Promise<'written' | 'ask' | 'refused'> => {
      const preview = await call(() => previewPlan({ jobId: id, change }), KEPT)
      if (!preview?.ok) {
        if (preview) tell({ tone: 'fault', text: preview.message })
        return 'refused'
      }
      const { cost, asks } = preview.value
      if (cost.disturbed.length === 0 && asks.length === 0) return (await write(change, [])) ? 'written' : 'refused'
      setAsked({ change, preview: preview.value })
      return 'ask'
    },
    /** the same change, as it is with that answer */
    say: async (answer: WiresAnswer): Promise<void> => {
      if (!asked) return
      const wires = asked.preview.asks.map(({ wire }) => wire)
      const preview = await call(
        () => previewPlan({ jobId: id, change: asked.change, answered: answeredOf(wires, answer) }),
        KEPT,
      )
      if (preview?.ok) setAsked({ change: asked.change, preview: preview.value, answer })
      else if (preview) tell({ tone: 'fault', text: preview.message })
    },
    accept: async (): Promise<boolean> => {
      if (!asked) return false
      const wires = asked.preview.asks.map(({ wire }) => wire)
      const written = await write(asked.change, asked.preview.cost.disturbed, answeredOf(wires, asked.answer))
      if (written) setAsked(undefined)
      return written
    },
  }
}
