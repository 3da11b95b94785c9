'use client'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import styles from './KeySheet.module.css'
import { Checkbox, CloseButton, Drawer, Kbd } from '@mantine/core'
import type { KeyBinding } from './keyModel'

const keyNames: Readonly<Record<string, string>> = {
  ' ': 'Space',
  arrowdown: '↓',
  ArrowDown: '↓',
  ArrowUp: '↑',
  ArrowLeft: '←',
  ArrowRight: '→',
  'ctrl+k': 'Ctrl K',
}

const shown = (key: string) =>
  key
    .split(/ (?=.)/)
    .map((part) => keyNames[part] ?? (part.length === 1 ? part.toUpperCase() : part))
    .join(' then ') || 'Space'

/** The keys of this screen, as they are bound now. */
export function KeySheet({
  bindings,
  single,
  setSingle,
  close,
}: {
  readonly bindings: readonly KeyBinding[]
  readonly single: boolean
  readonly setSingle: (on: boolean) => void
  readonly close: () => void
}) {
  return (
    <Drawer
      opened
      onClose={close}
      withCloseButton={false}
      lockScroll={false}
      attributes={{ content: { 'aria-label': 'Keys of this screen' } }}
      transitionProps={{ duration: 0 }}
      onKeyDown={(event) => event.stopPropagation()}
    >
      <div className={styles.head}>
        <h2 className={textCss.cardTitle}>Keys of this screen</h2>
        <CloseButton size={40} aria-label="Close the keys" onClick={close} />
      </div>
      <dl className={styles.keyList}>
        {bindings
          .filter((binding) => binding.words !== '')
          .map((binding) => (
            <div key={binding.key} className={styles.line}>
              <dt>
                <Kbd>{binding.key === ' ' ? 'Space' : shown(binding.key)}</Kbd>
              </dt>
              <dd>{binding.words}</dd>
            </div>
          ))}
        <dt>
          <Kbd>?</Kbd>
        </dt>
        <dd>This sheet</dd>
        <dt>
          <Kbd>Esc</Kbd>
        </dt>
        <dd>Leave a field, close a pane</dd>
      </dl>
      <p className={clsx(textCss.small, textCss.dim, styles.note)}>
        A scanner or calliper types faster than a hand: what it sends goes to the field in focus, or finds a wire. It
        never ticks anything.
      </p>
      <Checkbox
        label="Single-letter keys are on"
        checked={single}
        onChange={(event) => setSingle(event.target.checked)}
      />
    </Drawer>
  )
}
