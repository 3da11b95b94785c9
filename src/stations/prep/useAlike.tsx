import { type ReactNode, useMemo, useState } from 'react'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import type { Termination } from '@/core/record/plan/plan'
import { alikePieces } from '@/core/views/alikePieces'
import { useJob } from '@/ui/job/JobProvider'
import { AlikeSet } from './AlikeSet'

/**
 * Which pieces are prepared together with one, and how a hand chooses.
 * @param isPlain nothing was lost, tried or done at it that the others did not see
 */
export function useAlike(
  termination: Termination,
  set: ChosenSet,
  isPlain: boolean,
): { readonly together: readonly Termination[]; readonly choice: ReactNode } {
  const { state } = useJob()
  const [alone, setAlone] = useState(false)
  const [out, setOut] = useState<ReadonlySet<string>>(new Set())
  const alike = useMemo(() => alikePieces(state, termination, set), [state, termination, set])
  return {
    together: alone || !isPlain ? [termination] : alike.filter((one) => !out.has(one.key)),
    choice:
      isPlain && alike.length > 1 ? (
        <AlikeSet pieces={alike} out={out} setOut={setOut} alone={alone} setAlone={setAlone} />
      ) : null,
  }
}
