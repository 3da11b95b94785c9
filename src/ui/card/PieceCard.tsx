'use client'
import clsx from 'clsx'
import { type MouseEvent, type ReactNode, type RefObject, useLayoutEffect, useRef } from 'react'
import { useAfterLayout } from '../later/useAfterLayout'
import paneCss from '../pane/pane.module.css'

/**
 * The card of one piece after another. A hand that is on a part of one piece is on none of the next, which is seen from its top:
 * as if the card were another one, which would cost a third of what an entry costs the screen.
 */
export function PieceCard({
  item,
  label,
  children,
}: {
  readonly item: string
  readonly label: string
  readonly children: ReactNode
}) {
  const card = useRef<HTMLElement>(null)
  const pressedOn = useRef<string>(undefined)
  // what was pressed down on one piece is not let go on the next; a click of the keyboard or of a helper presses nothing down
  const refuse = (event: MouseEvent) => {
    const on = pressedOn.current
    pressedOn.current = undefined
    if (event.detail > 0 && on !== undefined && on !== item) event.stopPropagation()
  }
  return (
    <aside
      ref={card}
      className={clsx(paneCss.pane, paneCss.paneCard)}
      aria-label={label}
      onPointerDownCapture={() => (pressedOn.current = item)}
      onClickCapture={refuse}
    >
      <LetGo of={item} card={card} />
      {children}
    </aside>
  )
}

/** Before anything in the card: what is due there is brought into view after it. */
function LetGo({ of: item, card }: { readonly of: string; readonly card: RefObject<HTMLElement | null> }) {
  const last = useRef(item)
  useLayoutEffect(() => {
    if (last.current === item) return
    last.current = item
    const held = document.activeElement
    if (held instanceof HTMLElement && card.current?.contains(held)) held.blur()
  }, [item, card])
  useAfterLayout(() => card.current?.scrollTo({ top: 0 }), item)
  return null
}
