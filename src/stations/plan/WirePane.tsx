'use client'
import clsx from 'clsx'
import { memo, useMemo } from 'react'
import { setCells } from '@/core/base/cells/cells'
import { readRow } from '@/core/record/grid/draft'
import type { GridNames } from '@/core/record/grid/gridNames'
import { housingOf } from '@/core/record/plan/facts'
import { type Wire, planIndex } from '@/core/record/plan/plan'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { faceState } from '@/ui/job/faceState'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { planWords } from '@/words/screens/plan/planStation'
import type { GridDraft } from './grid/useGridDraft'
import styles from './PlanStation.module.css'
import { WireCard } from './WireCard'

/** The column of a wire that says its place at an end: the side that is there already, or else the one that is open. */
function columnAt(end: string, said: Wire | undefined): 'from' | 'to' {
  if (said?.from.kind === 'cavity' && said.from.end === end) return 'from'
  if (said?.to.kind === 'cavity' && said.to.end === end) return 'to'
  return said?.to.kind === 'open' ? 'to' : 'from'
}

/**
 * The end in hand as its face, and the wire in hand. A wire that is dropped on a cavity goes there. Not drawn again for what
 * only the grid has to say.
 */
export const WirePane = memo(function WirePane({
  rows,
  edit,
  names,
  wire,
  end,
  select,
}: {
  readonly rows: GridDraft['rows']
  readonly edit: GridDraft['edit']
  readonly names: GridNames
  readonly wire: Wire | undefined
  readonly end: string
  readonly select: (key: string) => void
}) {
  const { id, state } = useJob()
  const housing = housingOf(state.facts, state.plan, end)
  const face = useFaceView(id, end, 'wire')
  const cavities = useMemo(() => (housing ? faceState(state, 1, end, housing) : new Map()), [state, end, housing])
  const sidesOf = (said: Wire | undefined) =>
    (said ? [said.from, said.to] : []).flatMap((side) =>
      side.kind === 'cavity' && side.end === end ? [side.cavity] : [],
    )
  const drop = (key: string, cavity: string) => {
    const dropped = rows.find((one) => one.key === key)
    if (!dropped) return
    const column = columnAt(end, readRow(dropped, names).wire)
    edit((now) => setCells(now, [{ key, column, text: `${end}.${cavity}` }]))
    select(key)
  }
  return (
    <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={planWords.thisWire}>
      {housing ? (
        <div className={styles.planFace}>
          <FacePanel
            housing={housing}
            keying={planIndex(state.plan).ends.get(end)?.keying}
            end={end}
            face={face}
            cavities={cavities}
            next={sidesOf(wire)[0]}
            onDropWire={drop}
            onPick={(picked) => {
              const found = rows.find((one) => sidesOf(readRow(one, names).wire).includes(picked))
              if (found) select(found.key)
            }}
          />
        </div>
      ) : (
        <p className={clsx(noteCss.note, noteCss.attend)}>{planWords.noEnds}</p>
      )}
      {wire ? <WireCard wire={wire} view={face.view} end={end} /> : <p className={textCss.dim}>{planWords.noWire}</p>}
    </aside>
  )
})
