'use client'
import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useEffect, useMemo, useState } from 'react'
import { isEmptyChange } from '@/core/record/grid/draft'
import { gridNames, pinnedNames } from '@/core/record/grid/gridNames'
import type { PlanChange } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { later } from '@/ui/later/later'
import { Loading } from '@/ui/later/Loading'
import { useAfterFrame } from '@/ui/later/useAfterFrame'
import { useBeside } from '@/ui/later/useBeside'
import paneCss from '@/ui/pane/pane.module.css'
import { planWords } from '@/words/screens/plan/planStation'
import { useSteady } from '@/ui/useSteady'
import { EndsPane } from './EndsPane'
import type { PlanPane } from './EndsTools'
import { useGridDraft } from './grid/useGridDraft'
import { loadPanes, OtherPane } from './OtherPane'
import styles from './PlanStation.module.css'
import { usePlanSelection } from './usePlanSelection'
import { noShelf, usePlanShelf } from './usePlanShelf'
import { useSavePlan } from './useSavePlan'
import { WirePane } from './WirePane'

// drawn in the browser only: the grid is the largest part of the station, and its rows are the draft that is kept there
const PlanGrid = later(
  () => import('./grid/PlanGrid'),
  (module) => module.PlanGrid,
  <Loading words={planWords.opening} />,
)

/** Ends at the left, the pinout in the middle, the face and the wire in hand at the right. What is selected in one is selected in all. */
export function PlanStation() {
  const { id, state } = useJob()
  const { plan, facts } = state
  const shelf = usePlanShelf(id, facts)
  const own = pinnedNames(state)
  const names = useMemo(() => (shelf === noShelf ? own : gridNames(plan, facts, shelf)), [own, plan, facts, shelf])
  const draft = useGridDraft(id, plan, names)
  const [pane, setPane] = useState<PlanPane>('grid')
  const saving = useSavePlan()
  // a key that asks for another pane finds it there
  useBeside(loadPanes)
  const selection = usePlanSelection(plan, draft.rows, names)
  const { row, end, pick } = selection
  const setEnd = useSteady(selection.setEnd)
  // the grid first, then what stands beside it
  const { wire } = selection
  const beside = useAfterFrame(useMemo(() => ({ wire, end }), [wire, end]))

  const applied = async (change: PlanChange) => {
    const outcome = await saving.save(change)
    if (outcome === 'ask') setPane('revision')
    else if (outcome === 'written') setPane('grid')
  }
  const apply = useSteady((change: PlanChange) => void applied(change))
  const save = () => {
    if (draft.reading.faulty > 0) saving.tell(planWords.mendFirst(draft.reading.faulty))
    else if (isEmptyChange(draft.change)) saving.tell(planWords.unchanged)
    else apply(draft.change)
  }
  useEffect(() => {
    if (pane === 'revision' && !saving.preview) setPane('grid')
  }, [pane, saving.preview])
  const sound = draft.reading.faulty > 0 && !isEmptyChange(draft.change)
  useKeys([
    { key: 'e', words: planWords.otherEnd, run: selection.otherEnd },
    ...(sound
      ? [{ key: 'ctrl+shift+s', words: planWords.saveSound(draft.reading.faulty), run: () => apply(draft.change) }]
      : []),
  ])

  return (
    <div className={clsx(paneCss.station, styles.planStation)}>
      <EndsPane
        end={beside.end}
        setEnd={setEnd}
        shelf={shelf}
        pane={pane}
        setPane={setPane}
        apply={apply}
        rows={draft.rows}
      />
      <div className={paneCss.work}>
        {pane === 'grid' ? (
          <>
            <PlanGrid draft={draft} names={names} held={{ selected: row?.key, onSelect: pick }} onSave={save} />
            {draft.edited > 0 && (
              <div className={paneCss.two}>
                <Button variant="filled" onClick={save} disabled={saving.busy}>
                  <span>{planWords.save}</span> <Kbd aria-hidden="true">Ctrl S</Kbd>
                </Button>
                {sound && (
                  <Button onClick={() => apply(draft.change)} disabled={saving.busy}>
                    <span>{planWords.saveSound(draft.reading.faulty)}</span> <Kbd aria-hidden="true">Ctrl Shift S</Kbd>
                  </Button>
                )}
                <Button onClick={draft.discard}>
                  <span>{planWords.discard(draft.edited)}</span>
                </Button>
              </div>
            )}
          </>
        ) : (
          <OtherPane
            pane={pane}
            close={() => setPane('grid')}
            names={names}
            draft={draft}
            saving={saving}
            apply={apply}
            pick={pick}
          />
        )}
      </div>
      <WirePane
        rows={draft.rows}
        edit={draft.edit}
        names={names}
        wire={beside.wire}
        end={beside.end}
        select={selection.select}
      />
    </div>
  )
}
