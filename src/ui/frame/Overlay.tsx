'use client'
import { useEffect, useRef, type ReactNode } from 'react'

/** A box over the page that keeps the focus inside until it is closed, then gives it back. */
export function Overlay({
  label,
  close,
  children,
}: {
  readonly label: string
  readonly close: () => void
  readonly children: ReactNode
}) {
  const box = useRef<HTMLDialogElement>(null)
  useEffect(() => {
    const before = document.activeElement
    const dialog = box.current
    dialog?.showModal()
    return () => {
      dialog?.close()
      if (before instanceof HTMLElement) before.focus()
    }
  }, [])
  return (
    <dialog
      ref={box}
      aria-label={label}
      className="overlay-box"
      onCancel={(event) => {
        event.preventDefault()
        close()
      }}
      onKeyDown={(event) => {
        event.stopPropagation()
        if (event.key === 'Escape') {
          event.preventDefault()
          close()
        }
      }}
      onClick={(event) => event.target === box.current && close()}
    >
      {children}
    </dialog>
  )
}
