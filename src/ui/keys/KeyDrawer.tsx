'use client'
import { keyDrawerWords as words } from '@/words/screens/keys/keyDrawer'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import styles from './KeyDrawer.module.css'
import { Button, CloseButton, Drawer, Kbd, Menu } from '@mantine/core'
import { type KeyBinding, LONG_PRESS } from './keyModel'

const keyNames: Readonly<Record<string, string>> = {
  ' ': 'Space',
  [LONG_PRESS]: words.spaceHeld,
  arrowdown: '↓',
  ArrowDown: '↓',
  ArrowUp: '↑',
  ArrowLeft: '←',
  ArrowRight: '→',
  'ctrl+k': words.ctrlK,
}

const shown = (key: string) =>
  keyNames[key] ??
  key
    .split(/ (?=.)/)
    .map((part) => keyNames[part] ?? (part.length === 1 ? part.toUpperCase() : part))
    .join(' then ')

/** The keys of this screen, as they are bound now. */
export function KeyDrawer({
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
      attributes={{ content: { 'aria-label': words.keysOfThisScreen } }}
      transitionProps={{ duration: 0 }}
      onKeyDown={(event) => event.stopPropagation()}
    >
      <div className={styles.head}>
        <h2 className={textCss.cardTitle}>{words.keysOfThisScreen}</h2>
        <CloseButton size={40} aria-label={words.closeKeys} onClick={close} />
      </div>
      <dl className={styles.keyList}>
        {bindings
          .filter((binding) => binding.words !== '')
          .map((binding) => (
            <div key={binding.key} className={styles.line}>
              <dt>
                <Kbd>{shown(binding.key)}</Kbd>
              </dt>
              <dd>{binding.words}</dd>
            </div>
          ))}
        <dt>
          <Kbd>?</Kbd>
        </dt>
        <dd>{words.thisSheet}</dd>
        <dt>
          <Kbd>Esc</Kbd>
        </dt>
        <dd>{words.leaveFieldClosePane}</dd>
      </dl>
      <p className={clsx(textCss.small, textCss.dim, styles.note)}>{words.scannerOrCalliperTypes}</p>
      {/* behind a menu: neither a key nor the pedal switches them off by accident */}
      <Menu position="top-start" transitionProps={{ duration: 0 }}>
        <Menu.Target>
          <Button fullWidth={false}>
            <span>{single ? words.singleKeysAreOn : words.singleKeysAreOff}</span>
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => setSingle(!single)}>{single ? words.switchOff : words.switchOn}</Menu.Item>
        </Menu.Dropdown>
      </Menu>
    </Drawer>
  )
}
