import { stripScaleWords as words } from '@/words/screens/prep/stripScale'
import { atStep, STEP } from '@/core/base/units/atStep'
import clsx from 'clsx'
import { memo } from 'react'
import styles from './StripScale.module.css'
import textCss from '@/ui/text/text.module.css'
import { Kbd } from '@mantine/core'
import type { StripWindow } from '@/core/craft/strip/stripWindow'
import { stripLimitWords } from '@/words/crimp'
import { lengthSaid } from '@/words/figures'

/** The strip window to scale: what breaks below it, what above, where this strip and the stripper's stop lie. */
export const StripScale = memo(function StripScale({
  window,
  stripMm,
  stopMm,
  moved,
}: {
  readonly window: StripWindow
  readonly stripMm: number | undefined
  readonly stopMm: number
  /** set otherwise than the window's middle */ readonly moved: boolean
}) {
  const { limits } = window
  const { minMm, maxMm } = atStep(window, STEP.stripMm)
  const span = Math.max(maxMm - minMm, 0.4)
  const from = minMm - span
  const to = maxMm + span
  const x = (mm: number) => `${String(Math.max(0, Math.min(100, ((mm - from) / (to - from)) * 100)))}%`
  const width = (a: number, b: number) => `${String(((b - a) / (to - from)) * 100)}%`
  return (
    <div className={styles.stripScale}>
      <p className={moved ? textCss.attend : undefined}>
        <span aria-hidden="true" className={textCss.act}>
          ▲
        </span>{' '}
        {words.strippersStopAt} <b className={textCss.mono}>{words.stopLength(stopMm)}</b>
        {moved ? words.setAgain : ''}{' '}
        <span className={clsx(textCss.dim, textCss.small)}>
          <Kbd>[</Kbd> {words.shorter} <Kbd>]</Kbd> {words.longer}
        </span>
      </p>
      <div
        role="img"
        aria-label={words.stripWindowToMm(
          minMm,
          maxMm,
          stripLimitWords[limits.below],
          stripLimitWords[limits.above],
          stripMm === undefined ? '' : words.thisStripMm(stripMm),
        )}
      >
        <div className={styles.stripBands} aria-hidden="true">
          <span className={styles.bad} style={{ width: width(from, minMm) }}>
            ▲ {stripLimitWords[limits.below]}
          </span>
          <span className={styles.fine} style={{ width: width(minMm, maxMm) }}>
            ✓
          </span>
          <span className={styles.bad} style={{ width: width(maxMm, to) }}>
            ▲ {stripLimitWords[limits.above]}
          </span>
          {stripMm !== undefined && <i className={styles.mark} style={{ left: x(stripMm) }} title={words.thisStrip} />}
          <i className={styles.stop} style={{ left: x(stopMm) }} title={words.strippersStop} />
        </div>
        <div className={clsx(styles.stripTicks, textCss.mono)} aria-hidden="true">
          <span style={{ left: x(minMm) }}>{lengthSaid(minMm, 1).value}</span>
          <span style={{ left: x(maxMm) }}>{lengthSaid(maxMm, 1).value}</span>
        </div>
      </div>
    </div>
  )
})
