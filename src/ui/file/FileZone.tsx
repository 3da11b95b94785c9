import { Dropzone } from '@mantine/dropzone'
import type { ReactNode, RefObject } from 'react'
import styles from './FileDrop.module.css'

export interface FileZoneProps {
  /** what the file is, for those who cannot see the box */
  readonly label: string
  /** kinds that the dialog of the machine offers, like `.csv,.xlsx` */
  readonly offers: string
  readonly onFile: (file: File) => void
  readonly disabled?: boolean
  /** opens the dialog, for a key */
  readonly openRef?: RefObject<(() => void) | null>
  /** a camera, where the machine has one */
  readonly capture?: 'environment'
  readonly children: ReactNode
}

export function FileZone({ label, offers, onFile, disabled = false, openRef, capture, children }: FileZoneProps) {
  return (
    <Dropzone
      multiple={false}
      // the pane around it takes files too: what is dropped here is read once
      dragEventsBubbling={false}
      // of several the first is taken, as the pane does
      onReject={([rejected]) => rejected && onFile(rejected.file)}
      disabled={disabled}
      {...(openRef && { openRef })}
      onDrop={([file]) => file && onFile(file)}
      inputProps={{ 'aria-label': label, accept: offers, ...(capture && { capture }) }}
      data-own-press
      classNames={{ root: styles.zone, inner: styles.inner }}
    >
      {children}
    </Dropzone>
  )
}
