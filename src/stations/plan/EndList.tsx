import { UnstyledButton } from '@mantine/core'
import { useVirtualizer } from '@tanstack/react-virtual'
import clsx from 'clsx'
import { memo, useRef } from 'react'
import { housingOf } from '@/core/record/plan/facts'
import { type End, planIndex } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { useAfterLayout } from '@/ui/later/useAfterLayout'
import listCss from '@/ui/list/list.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './EndList.module.css'

const ROW_PX = 52
/** How many are drawn before the browser has said how much room there is. */
const FIRST_PX = 520

/** The job's ends; a job of a thousand wires has two hundred, of which those in sight are drawn. */
export function EndList({
  selected,
  press,
}: {
  readonly selected: string
  /** pressed once an end is shown, pressed again it is changed */
  readonly press: (end: End, here: boolean) => void
}) {
  const { plan, facts } = useJob().state
  const box = useRef<HTMLDivElement>(null)
  const virtual = useVirtualizer({
    count: plan.ends.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    initialRect: { width: 280, height: FIRST_PX },
    overscan: 4,
  })
  const at = plan.ends.findIndex((one) => one.id === selected)
  useAfterLayout(() => {
    if (at >= 0) virtual.scrollToIndex(at)
  }, at)
  return (
    <div ref={box} className={styles.box}>
      <div className={styles.rows} style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map(({ index, start }) => {
          const end = plan.ends[index]
          if (!end) return null
          const shell = housingOf(facts, plan, end.id)
          return (
            <EndLine
              key={end.id}
              end={end}
              name={shell?.name ?? end.housing}
              used={planIndex(plan).byEnd.get(`1/${end.id}`)?.length ?? 0}
              ways={shell?.cavities.length}
              here={end.id === selected}
              press={press}
              topPx={start}
            />
          )
        })}
      </div>
    </div>
  )
}

const EndLine = memo(function EndLine({
  end,
  name,
  used,
  ways,
  here,
  press,
  topPx,
}: {
  readonly end: End
  readonly name: string
  readonly used: number
  readonly ways: number | undefined
  readonly here: boolean
  readonly press: (end: End, here: boolean) => void
  readonly topPx: number
}) {
  return (
    <UnstyledButton className={styles.end} style={{ top: topPx }} aria-pressed={here} onClick={() => press(end, here)}>
      <span className={clsx(listCss.glyph, textCss.act)} aria-hidden="true">
        {here ? '▸' : ''}
      </span>
      <b className={textCss.mono}>{end.id}</b>
      <span className={styles.housing}>
        {name}
        {end.keying !== undefined && <span className={clsx(textCss.mono, textCss.dim)}> {end.keying}</span>}
      </span>
      <span className={clsx(textCss.mono, textCss.dim)}>
        {used}/{ways ?? '?'}
      </span>
    </UnstyledButton>
  )
})
