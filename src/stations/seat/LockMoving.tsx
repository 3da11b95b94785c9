import clsx from 'clsx'
import { useReducer } from 'react'
import { lockMotion } from '@/core/parts/catalogue/lockMotion'
import type { HousingLock } from '@/core/parts/catalogue/secondaryLocks'
import { LockDrawing } from '@/ui/lock/LockDrawing'
import paneCss from '@/ui/pane/pane.module.css'
import { PlayAgain } from '@/ui/motion/PlayAgain'
import { useShare } from '@/ui/motion/useShare'
import { lockHowWords, lockWords } from '@/words/lock'
import { openCardWords as words } from '@/words/screens/seat/openCard'
import styles from './LockMoving.module.css'

/** The lock of a half on its way to where it stands while contacts go in. */
export function LockMoving({ lock, runs }: { readonly lock: HousingLock; readonly runs: boolean }) {
  const [again, showAgain] = useReducer((times: number) => times + 1, 0)
  const share = useShare(`opens ${lock.id}`, runs, again)
  const { whileInserting } = lockMotion(lock)
  const name = words.howItOpens(lockWords[lock.id].name)
  return (
    <section className={clsx(paneCss.panel, styles.moving)} aria-label={name}>
      <div className={paneCss.panelHead}>
        <span>{lockHowWords(lock)}</span>
      </div>
      <div className={styles.drawn}>
        <LockDrawing opens compact lock={lock} name={name} share={1 + (whileInserting - 1) * share} />
        {runs && <PlayAgain again={showAgain} />}
      </div>
    </section>
  )
}
