'use client'
import { checkListWords as words } from '@/words/screens/card/checkList'
import cardCss from './card.module.css'
import textCss from '@/ui/text/text.module.css'
import clsx from 'clsx'
import { Button, Checkbox, Kbd } from '@mantine/core'
import { useMemo, useRef, useSyncExternalStore, type ReactNode } from 'react'
import { type AtOnce, dueLines } from './dueLines'
import { NO_TICKS, keepTicks, onKept, ticksOf } from './keptInHand'
import { useLineCallOut } from '../callOut/callOut'
import { useCautionOpen } from '../caution/openCautions'
import { useAfterLayout } from '../later/useAfterLayout'
import { useInHand } from './useInHand'
import { useKeys } from '../keys/KeyProvider'

export interface CheckLine {
  readonly id: string
  readonly words: ReactNode
  readonly hint?: ReactNode
  /** what the main button says when this line is due */
  readonly seen?: string
}

/** More lines than this that are due together leave no room for their hints. */
const HINTED_TOGETHER = 3
/** More lines than this are due together in smaller letters: no line lies under the button then. */
const MANY_DUE = 6

/** With more lines than this only the one that is due says its hint: the button lies over none of them then. */
const LONG_LINES = 5

/** Kept among the ticks for as long as any of them stands: some were made with one press, beside their pictures. */
const AT_ONCE = '· at once'

/**
 * Which lines of a card are ticked. A new item starts with none: no check is carried over. They survive a reload, and crossing
 * to another item and back, for as long as the piece is what it was.
 * @param piece what makes it this piece: its state, so far as the ticks depend on it
 */
export function useChecks(itemKey: string, lines: readonly CheckLine[], piece: unknown) {
  const { item, stamp } = useInHand(itemKey, piece)
  const kept = useSyncExternalStore(
    onKept,
    () => ticksOf(item, stamp),
    () => NO_TICKS,
  )
  const ticked: ReadonlySet<string> = useMemo(() => new Set(kept), [kept])
  const due = lines.find((line) => !ticked.has(line.id))
  const toggle = (id: string) => {
    const next = new Set(ticked)
    if (!next.delete(id)) next.add(id)
    keepTicks(item, stamp, [...next])
  }
  const tickAll = (ids: readonly string[], atOnce: boolean) =>
    keepTicks(item, stamp, [...new Set([...ticked, ...ids, ...(atOnce ? [AT_ONCE] : [])])])
  return {
    item,
    ticked,
    due,
    toggle,
    tickAll,
    /** some of them were ticked with one press */
    atOnce: ticked.has(AT_ONCE),
    all: due === undefined,
    clear: () => keepTicks(item, stamp, []),
  }
}

/**
 * The lines of a card. Space ticks the line that is due; after the last it does the card's main action, so that a check
 * is never skipped by habit; lines that are answered at once may be accepted with the same press. 1 to 9 tick out of turn.
 */
export function CheckList({
  lines,
  checks,
  main,
  busy,
  onMain,
  enabled = true,
  atOnce,
}: {
  readonly lines: readonly CheckLine[]
  readonly checks: ReturnType<typeof useChecks>
  /** what the main action says */
  readonly main: string
  readonly busy?: boolean
  /** @param atOnce some of the lines were answered with one press */
  readonly onMain: (atOnce: boolean) => void
  readonly enabled?: boolean
  readonly atOnce?: AtOnce | undefined
}) {
  const { item, ticked, toggle, tickAll } = checks
  const isHeld = useCautionOpen()
  const ids = lines.map(({ id }) => id)
  const due = dueLines(ids, ticked, atOnce)
  const open = due.kind === 'main' ? [] : due.open
  // looks that are answered at once are in the pictures: none of them is the one that is due
  const dueNow = due.kind === 'looks' ? [] : lines.filter(({ id }) => open.includes(id))
  const isFull = lines.length > LONG_LINES || open.length > HINTED_TOGETHER
  const act = () => {
    if (busy || !enabled || isHeld) return
    switch (due.kind) {
      case 'main':
        return onMain(checks.atOnce)
      case 'line':
        return toggle(due.open[0])
      default:
        tickAll(due.open, due.kind === 'looks')
        if (due.endsAll) onMain(due.kind === 'looks' || checks.atOnce)
    }
  }
  // what is due is seen whole, also where the lines before it have pushed it under the button
  const dueLine = useRef<HTMLButtonElement>(null)
  const dueId = open[0]
  useAfterLayout(() => dueLine.current?.scrollIntoView({ block: 'nearest' }), `${item} ${dueId}`)
  const said = useRef(new Map<string, HTMLElement>())
  const wordsOf = (ids: readonly string[]) => ids.map((id) => said.current.get(id)?.textContent ?? '').join('. ')
  useLineCallOut(
    // what hands do at once is said line by line
    () => (due.kind === 'main' ? main : due.kind === 'looks' ? due.says : wordsOf(open)),
    lines.length === 0 ? undefined : `${item} ${ids.join(' ')} | ${dueId ?? ''}`,
    ticked.size === 0,
  )
  useKeys([
    { key: ' ', words: due.kind === 'main' ? main : due.kind === 'line' ? words.tickLineThatIs : due.says, run: act },
    ...lines.slice(0, 9).map((line, i) => ({
      key: String(i + 1),
      words: i === 0 ? words.tickLineOutOf : '',
      run: () => toggle(line.id),
    })),
  ])
  return (
    <>
      {lines.length > 0 && (
        <div className={cardCss.checks} role="group" aria-label={words.checks}>
          {lines.map((line, i) => {
            const isTicked = ticked.has(line.id)
            const isDue = dueNow.includes(line)
            return (
              <Checkbox.Card
                key={line.id}
                ref={isDue && line.id === dueId ? dueLine : undefined}
                checked={isTicked}
                className={cardCss.check}
                data-due={isDue}
                data-many={open.length > 1 && lines.length > MANY_DUE}
                withBorder={false}
                radius={0}
                onClick={() => toggle(line.id)}
              >
                <span aria-hidden="true" className={isTicked ? textCss.good : isDue ? textCss.act : textCss.dim}>
                  {isTicked ? '✓' : isDue ? '▸' : '○'}
                </span>
                <span>
                  <span ref={(node) => void (node && said.current.set(line.id, node))}>{line.words}</span>
                  {line.hint !== undefined && !isTicked && (!isFull || (isDue && open.length === 1)) && (
                    <span className={cardCss.hint}>{line.hint}</span>
                  )}
                </span>
                <Kbd aria-hidden="true">{i + 1}</Kbd>
              </Checkbox.Card>
            )
          })}
        </div>
      )}
      <div className={cardCss.action}>
        {/* on a narrow screen the list may lie out of sight: what is due stands with its button */}
        {dueNow.length > 0 && (
          <p className={clsx(cardCss.actionDue, dueNow.length > 1 && cardCss.actionDueSeveral)} aria-hidden="true">
            {dueNow.map((line) => (
              <span key={line.id}>{line.words}</span>
            ))}
          </p>
        )}
        <Button variant="filled" disabled={busy === true || !enabled || isHeld} onClick={act}>
          <span>{due.kind === 'main' ? main : due.kind === 'line' ? (dueNow[0]?.seen ?? words.done) : due.says}</span>
          {!isHeld && <Kbd aria-hidden="true">Space</Kbd>}
        </Button>
      </div>
    </>
  )
}
