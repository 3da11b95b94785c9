'use client'
import { releasePlayerWords as words } from '@/words/screens/release/releasePlayer'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import styles from './ReleasePlayer.module.css'
import { useMemo, useReducer } from 'react'
import type { LockSide } from '@/core/parts/catalogue/lockMotion'
import type { ReleaseMechanism, ReleaseStep } from '@/core/parts/catalogue/releaseMechanisms'
import { releaseScene } from '@/core/craft/release/releaseScene'
import { heldWords, releaseStepWords } from '@/words/release'
import { CavityDrawing } from './CavityDrawing'
import { PlayAgain } from '../motion/PlayAgain'
import { useShare } from '../motion/useShare'

/** The step that is due, moving; it comes to rest, and runs again when asked. Who asks for less motion sees how it ends. */
export function ReleasePlayer({
  mechanism,
  step,
  colour,
  lockFrom,
}: {
  readonly mechanism: ReleaseMechanism
  readonly step: ReleaseStep | undefined
  readonly colour: string
  /** from which side the housing’s lock comes */
  readonly lockFrom: LockSide
}) {
  const scene = useMemo(() => releaseScene(mechanism), [mechanism])
  const at = step === undefined ? scene.steps.length - 1 : Math.max(0, scene.steps.indexOf(step))
  const [again, showAgain] = useReducer((times: number) => times + 1, 0)
  const share = useShare(`${mechanism.id} ${at}`, step !== undefined, again)
  return (
    <section className={clsx(paneCss.panel, styles.release)} aria-label={words.howItLetsGo}>
      <div className={paneCss.panelHead}>
        <span>{heldWords[mechanism.id]}</span>
        <span className={paneCss.caption}>{words.cutOpenFromSide}</span>
      </div>
      <div className={paneCss.panelBody}>
        <CavityDrawing
          mechanism={mechanism}
          lockFrom={lockFrom}
          moment={scene.at(at, share)}
          colour={colour}
          name={step === undefined ? words.contactIsOut : releaseStepWords[step]}
        />
        {step !== undefined && <PlayAgain again={showAgain} />}
      </div>
    </section>
  )
}
