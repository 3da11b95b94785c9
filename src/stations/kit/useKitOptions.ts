import { useEffect } from 'react'
import { type SideLetter, planIndex } from '@/core/record/plan/plan'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import { useJob } from '@/ui/job/JobProvider'
import { kitStationWords as words } from '@/words/screens/kit/kitStation'
import type { KitOptions } from './kitOptions'

const readOptions = withFields<KitOptions>('sets', 'remedies')

/** What fits one side of a wire, worked out by the bench; asked again when the wire has become another. */
export function useKitOptions(
  wireId: string,
  side: SideLetter,
): {
  readonly options: KitOptions | undefined
  /** what the answer rests on */
  readonly asked: string
} {
  const { id, state, tell } = useJob()
  const wire = planIndex(state.plan).wires.get(wireId)
  const asked = JSON.stringify([wire?.type, wire?.insulationMm, wire?.currentA])
  const { value, failed, loading } = useFetched(
    `/jobs/${encodeURIComponent(id)}/kit/options?wire=${encodeURIComponent(wireId)}&side=${side}`,
    readOptions,
    { version: asked },
  )
  // those of another termination say nothing of this one
  const options = loading ? undefined : value
  useEffect(() => {
    if (failed) tell({ tone: 'fault', text: words.shelfDoesNotAnswer })
  }, [failed, tell])
  return { options, asked }
}
