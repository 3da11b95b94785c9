'use client'
import { insertPlayerWords as words } from '@/words/screens/release/insertPlayer'
import { useMemo, useReducer } from 'react'
import type { LockSide } from '@/core/parts/catalogue/lockMotion'
import type { InsertStep, ReleaseMechanism } from '@/core/parts/catalogue/releaseMechanisms'
import { insertScene } from '@/core/craft/release/insertScene'
import { insertStepWords, upWords } from '@/words/release'
import { CavityDrawing } from './CavityDrawing'
import { PlayAgain } from '../motion/PlayAgain'
import { useShare } from '../motion/useShare'

/** The contact going in, step by step, with the side that is up. */
export function InsertPlayer({
  mechanism,
  step,
  colour,
  lockFrom,
  isSaid = false,
}: {
  readonly mechanism: ReleaseMechanism
  readonly step: InsertStep | 'tug' | undefined
  readonly colour: string
  /** from which side the housing’s lock comes */
  readonly lockFrom: LockSide
  /** the family's own sheet says which way round: two words for it would contradict each other */
  readonly isSaid?: boolean
}) {
  const scene = useMemo(() => insertScene(mechanism), [mechanism])
  const at = step === undefined ? scene.steps.length - 1 : Math.max(0, scene.steps.indexOf(step))
  const runs = step !== undefined && step !== 'right-way-up'
  const [again, showAgain] = useReducer((times: number) => times + 1, 0)
  const share = useShare(`in ${mechanism.id} ${at}`, runs, again)
  const name =
    step === undefined ? words.contactIsIn : step === 'tug' ? words.lightTugItHolds : insertStepWords[step].act
  return (
    <>
      <CavityDrawing
        mechanism={mechanism}
        lockFrom={lockFrom}
        goesIn
        moment={scene.at(at, share)}
        colour={colour}
        name={name}
        up={!isSaid && (step === 'right-way-up' || step === 'wire-in-slot') ? upWords[mechanism.id] : undefined}
      />
      {runs && <PlayAgain again={showAgain} />}
    </>
  )
}
