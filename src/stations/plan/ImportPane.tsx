'use client'

import { importPaneWords as words } from '@/words/screens/plan/importPane'
import { Button, Kbd } from '@mantine/core'
import { useState } from 'react'
import type { GridNames } from '@/core/record/grid/gridNames'
import { useKeys } from '@/ui/keys/KeyProvider'
import type { GridDraft } from './grid/useGridDraft'
import { OneTable } from './OneTable'
import { TwoHalves } from './TwoHalves'
import styles from './ImportPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

/** A pinout from a file or the clipboard: its columns are guessed, shown, set right by hand, and remembered for the next file like it. */
export function ImportPane({
  names,
  draft,
  close,
}: {
  readonly names: GridNames
  readonly draft: GridDraft
  readonly close: () => void
}) {
  const [mode, setMode] = useState<'table' | 'halves'>('table')
  useKeys([{ key: 'Escape', words: words.backToPinout, run: close }])
  return (
    <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.importPinout}>
      <div className={paneCss.panelHead}>
        <h2 className={textCss.cardTitle}>{words.importPinout}</h2>
        <span className={paneCss.caption}>
          <Button variant="subtle" aria-pressed={mode === 'table'} onClick={() => setMode('table')}>
            {words.oneTable(mode === 'table' ? '▸ ' : '')}
          </Button>
          <Button variant="subtle" aria-pressed={mode === 'halves'} onClick={() => setMode('halves')}>
            {words.twoHalvesJoinedBy(mode === 'halves' ? '▸ ' : '')}
          </Button>
          <Button variant="subtle" onClick={close}>
            {words.back} <Kbd>Esc</Kbd>
          </Button>
        </span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.stack)}>
        {mode === 'table' ? (
          <OneTable names={names} draft={draft} close={close} />
        ) : (
          <TwoHalves names={names} draft={draft} close={close} />
        )}
      </div>
    </section>
  )
}
