'use client'
import { Modal } from '@mantine/core'
import type { ReactNode } from 'react'

/** A box over the page that keeps the focus, and every key, inside until it is closed, then gives the focus back. */
export function Overlay({
  label,
  close,
  children,
}: {
  readonly label: string
  readonly close: () => void
  readonly children: ReactNode
}) {
  return (
    <Modal
      opened
      onClose={close}
      withCloseButton={false}
      lockScroll={false}
      size={640}
      padding={14}
      yOffset={84}
      transitionProps={{ duration: 0 }}
      attributes={{ content: { 'aria-label': label } }}
    >
      <div onKeyDown={(event) => event.stopPropagation()}>{children}</div>
    </Modal>
  )
}
