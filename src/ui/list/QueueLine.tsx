import clsx from 'clsx'
import { memo, type PointerEventHandler, type Ref } from 'react'
import listCss from './list.module.css'
import textCss from '@/ui/text/text.module.css'
import { glyphWords } from '@/words/screens/list/queue'
import type { Glyph, QueueLook } from './Queue'

const glyphs: Readonly<
  Record<Glyph, { readonly sign: string; readonly tone: 'good' | 'act' | 'dim' | 'fault' | 'caution' }>
> = {
  done: { sign: '✓', tone: 'good' },
  now: { sign: '▸', tone: 'act' },
  todo: { sign: '○', tone: 'dim' },
  wait: { sign: '·', tone: 'dim' },
  fault: { sign: '▲', tone: 'fault' },
  caution: { sign: '◆', tone: 'caution' },
}

export interface QueueLineProps {
  readonly rowKey: string
  readonly look: QueueLook
  readonly selected: boolean
  readonly id: string
  readonly top: number
  readonly onSelect: (key: string) => void
  /** it changes places with rows of the same word */
  readonly drags: string | undefined
  /** from whoever lets it be dragged */
  readonly drag?: {
    readonly ref: Ref<HTMLDivElement>
    readonly shiftPx: number
    /** another row is held over it */
    readonly over: boolean
    readonly onPointerDown: PointerEventHandler<HTMLDivElement> | undefined
  }
}

/** Would a row look otherwise? An entry asks all that are in sight, and changes one or two. */
export const isSameLine = (a: QueueLineProps, b: QueueLineProps): boolean =>
  a.drag === undefined &&
  b.drag === undefined &&
  a.rowKey === b.rowKey &&
  a.id === b.id &&
  a.top === b.top &&
  a.selected === b.selected &&
  a.onSelect === b.onSelect &&
  a.drags === b.drags &&
  a.look.glyph === b.look.glyph &&
  a.look.name === b.look.name &&
  a.look.words === b.look.words &&
  a.look.aside === b.look.aside

/** One row of a queue. */
export const QueueLine = memo(Line, isSameLine)

function Line({ rowKey, look, selected, id, top, onSelect, drag }: QueueLineProps) {
  const { sign, tone } = glyphs[look.glyph]
  return (
    <div
      ref={drag?.ref}
      role="option"
      aria-selected={selected}
      id={id}
      className={listCss.queueRow}
      data-dragged={drag !== undefined && drag.shiftPx !== 0 ? true : undefined}
      data-over={drag?.over === true || undefined}
      style={{ top: top + (drag?.shiftPx ?? 0) }}
      onPointerDown={drag?.onPointerDown}
      onClick={() => onSelect(rowKey)}
    >
      <span className={clsx(listCss.glyph, textCss[tone])} aria-label={glyphWords[look.glyph]}>
        {sign}
      </span>
      <span className={textCss.mono}>{look.name}</span>
      <span className={clsx(listCss.words, look.glyph === 'done' && textCss.dim)} title={look.words}>
        {look.words}
      </span>
      <span className={clsx(textCss.mono, textCss.dim)}>{look.aside}</span>
    </div>
  )
}
