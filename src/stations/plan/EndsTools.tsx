'use client'
import { Button } from '@mantine/core'
import { memo } from 'react'
import type { GridRow } from '@/core/record/grid/draft'
import type { Plan } from '@/core/record/plan/plan'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { endsPaneWords as texts } from '@/words/screens/plan/endsPane'
import { exportPinout } from './exportPinout'

export type PlanPane = 'grid' | 'revision' | 'import' | 'family' | 'mated' | 'facts'

const tools: readonly (readonly [PlanPane, string])[] = [
  ['import', texts.importPinout],
  ['family', texts.whichFamily],
  ['mated', texts.checkMatedPair],
]

/** What else can be done with a plan: a press opens it in the place of the pinout, another one closes it. */
export const EndsTools = memo(function EndsTools({
  pane,
  setPane,
  older,
  plan,
  rows,
}: {
  readonly pane: PlanPane
  readonly setPane: (pane: PlanPane) => void
  /** facts that are older than the shelf's */
  readonly older: number
  readonly plan: Plan
  readonly rows: readonly GridRow[]
}) {
  const press = (id: PlanPane) => setPane(pane === id ? 'grid' : id)
  return (
    <>
      {older > 0 && (
        <div className={paneCss.toolList}>
          <Button aria-pressed={pane === 'facts'} onClick={() => press('facts')}>
            <span className={textCss.caution}>{texts.olderThanShelf(older)}</span>
          </Button>
        </div>
      )}
      <div className={paneCss.toolList}>
        {tools.map(([id, words]) => (
          <Button key={id} aria-pressed={pane === id} onClick={() => press(id)}>
            <span>{words}</span>
          </Button>
        ))}
        <div className={paneCss.two}>
          <Button onClick={() => void exportPinout(plan, rows, 'csv')}>
            <span>{texts.exportCsv}</span>
          </Button>
          <Button onClick={() => void exportPinout(plan, rows, 'xlsx')}>
            <span>{texts.xlsx}</span>
          </Button>
        </div>
      </div>
    </>
  )
})
