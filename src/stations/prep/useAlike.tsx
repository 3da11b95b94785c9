import { type ReactNode, useMemo, useState } from 'react'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import type { Termination } from '@/core/record/plan/plan'
import { alikePieces } from '@/core/views/alikePieces'
import { useJob } from '@/ui/job/JobProvider'
import { AlikeSet } from './AlikeSet'

interface Choice {
  /** the piece in hand, to whose set it was said */
  readonly of: string
  readonly alone: boolean
  readonly out: ReadonlySet<string>
}

const NONE_OUT: ReadonlySet<string> = new Set()

/**
 * Which pieces are prepared together with one, and how a hand chooses.
 * @param isPlain nothing was lost, tried or done at it that the others did not see
 */
export function useAlike(
  termination: Termination,
  set: ChosenSet,
  isPlain: boolean,
): { readonly together: readonly Termination[]; readonly choice: ReactNode; readonly forget: () => void } {
  const { state } = useJob()
  const [said, setSaid] = useState<Choice>()
  // what was said of one set holds for no other
  const { alone, out } = said?.of === termination.key ? said : { alone: false, out: NONE_OUT }
  const choose = (change: Partial<Choice>) => setSaid({ of: termination.key, alone, out, ...change })
  const alike = useMemo(() => alikePieces(state, termination, set), [state, termination, set])
  return {
    together: alone || !isPlain ? [termination] : alike.filter((one) => !out.has(one.key)),
    choice:
      isPlain && alike.length > 1 ? (
        <AlikeSet
          pieces={alike}
          out={out}
          setOut={(next) => choose({ out: next })}
          alone={alone}
          setAlone={(next) => choose({ alone: next })}
        />
      ) : null,
    // a piece that comes back is chosen about anew
    forget: () => setSaid(undefined),
  }
}
