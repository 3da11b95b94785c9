'use client'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import styles from './PlanStation.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd } from '@mantine/core'
import { useSearchParams } from 'next/navigation'
import { useEffect, useMemo, useState } from 'react'
import { isEmptyChange, readRow } from '@/core/record/grid/draft'
import { gridNames } from '@/core/record/grid/gridNames'
import { setCells } from '@/core/record/grid/edits'
import { housingOf } from '@/core/record/plan/facts'
import { type PlanChange, type Wire, planIndex } from '@/core/record/plan/plan'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { useBeside } from '@/ui/useBeside'
import { useJob } from '@/ui/job/JobProvider'
import { faceState } from '@/ui/job/faceState'
import { useAt } from '@/ui/job/useAt'
import { useKeys } from '@/ui/keys/KeyProvider'
import { plural } from '@/words/figures'
import { EndsPane, type PlanPane } from './EndsPane'
import { useGridDraft } from './grid/useGridDraft'
import { usePlanShelf } from './usePlanShelf'
import { useSavePlan } from './useSavePlan'
import { WireCard } from './WireCard'
import { wireOfKey } from '@/core/record/plan/keys'
import dynamic from 'next/dynamic'

// drawn in the browser only: the grid is the largest part of the station, and its rows are the draft that is kept there
const PlanGrid = dynamic(() => import('./grid/PlanGrid').then((module) => module.PlanGrid), {
  ssr: false,
  loading: () => (
    <p className={textCss.dim} style={{ padding: 16 }}>
      Opening the pinout…
    </p>
  ),
})
const RevisionPane = dynamic(() => import('./RevisionPane').then((module) => module.RevisionPane))
const loadPanes = async () => ({
  ...(await import('./ImportPane')),
  ...(await import('./FamilyPane')),
  ...(await import('./FactsPane')),
  ...(await import('./MatedPane')),
})

const endsOf = (wire: Wire): string[] =>
  [wire.from, wire.to].flatMap((side) => (side.kind === 'cavity' ? [side.end] : []))

/** Ends at the left, the pinout in the middle, the face and the wire in hand at the right. What is selected in one is selected in all. */
export function PlanStation() {
  const { id, state } = useJob()
  const { plan, facts } = state
  const shelf = usePlanShelf(id, state.seq)
  const names = useMemo(() => gridNames(plan, facts, shelf), [plan, facts, shelf])
  const draft = useGridDraft(id, plan, names)
  const [pane, setPane] = useState<PlanPane>('grid')
  const saving = useSavePlan()
  const panes = useBeside(loadPanes)

  const { wires } = planIndex(plan)
  const { at, select } = useAt(
    (key) => wires.has(wireOfKey(key)) || draft.rows.some((row) => row.key === key),
    plan.wires[0]?.id,
  )
  const row = draft.rows.find((one) => one.key === at || one.key === wireOfKey(at ?? ''))
  const wire = (row && readRow(row, names).wire) ?? wires.get(wireOfKey(at ?? ''))

  const askedEnd = useSearchParams().get('end')
  const [pickedEnd, setEnd] = useState<string | undefined>(askedEnd ?? undefined)
  const touched = wire ? endsOf(wire) : []
  const end =
    pickedEnd !== undefined && plan.ends.some((one) => one.id === pickedEnd)
      ? pickedEnd
      : (touched[0] ?? plan.ends[0]?.id ?? '')
  const housing = housingOf(facts, plan, end)
  const face = useFaceView(id, end, 'wire')
  const cavities = useMemo(() => (housing ? faceState(state, 1, end, housing) : new Map()), [state, end, housing])
  const here = wire && [wire.from, wire.to].find((side) => side.kind === 'cavity' && side.end === end)
  const pick = (key: string) => {
    select(key)
    const next = draft.rows.find((one) => one.key === key)
    const said = next && readRow(next, names).wire
    if (said && !endsOf(said).includes(end)) setEnd(endsOf(said)[0])
  }

  const applied = async (change: PlanChange) => {
    const outcome = await saving.save(change)
    if (outcome === 'ask') setPane('revision')
    else if (outcome === 'written') setPane('grid')
  }
  const save = () => {
    if (draft.reading.faulty > 0)
      saving.tell(`▲ ${plural(draft.reading.faulty, 'row')} to mend before the plan can be saved: filter by is:fault.`)
    else if (isEmptyChange(draft.change)) saving.tell('Nothing has changed.')
    else void applied(draft.change)
  }
  useEffect(() => {
    if (pane === 'revision' && !saving.preview) setPane('grid')
  }, [pane, saving.preview])
  useKeys([
    {
      key: 'e',
      words: 'Show the other end',
      run: () =>
        setEnd(
          touched.find((one) => one !== end) ??
            plan.ends[(plan.ends.findIndex((one) => one.id === end) + 1) % Math.max(1, plan.ends.length)]?.id,
        ),
    },
  ])

  /** A wire that is dropped on a cavity goes there with the side that is at this end, or with its open one. */
  const dropWire = (key: string, cavity: string) => {
    const dropped = draft.rows.find((one) => one.key === key)
    if (!dropped) return
    const said = readRow(dropped, names).wire
    const column =
      said?.from.kind === 'cavity' && said.from.end === end
        ? 'from'
        : said?.to.kind === 'cavity' && said.to.end === end
          ? 'to'
          : said?.to.kind === 'open'
            ? 'to'
            : 'from'
    draft.edit((rows) => setCells(rows, [{ key, column, text: `${end}.${cavity}` }]))
    select(key)
  }

  return (
    <div className={clsx(paneCss.station, styles.planStation)}>
      <EndsPane
        end={end}
        setEnd={setEnd}
        shelf={shelf}
        pane={pane}
        setPane={setPane}
        apply={(change) => void applied(change)}
        rows={draft.rows}
      />
      <div className={paneCss.work}>
        {pane === 'grid' && (
          <>
            <PlanGrid draft={draft} names={names} selected={row?.key} onSelect={pick} onSave={save} />
            {draft.edited > 0 && (
              <div className={paneCss.two}>
                <Button variant="filled" onClick={save} disabled={saving.busy}>
                  <span>Save the plan</span> <Kbd aria-hidden="true">Ctrl S</Kbd>
                </Button>
                <Button onClick={draft.discard}>
                  <span>Discard {plural(draft.edited, 'change')}</span>
                </Button>
              </div>
            )}
          </>
        )}
        {pane === 'revision' && saving.preview && (
          <RevisionPane
            preview={saving.preview}
            busy={saving.busy}
            apply={() => void saving.accept().then((written) => written && setPane('grid'))}
            back={() => {
              saving.drop()
              setPane('grid')
            }}
          />
        )}
        {panes && pane === 'import' && <panes.ImportPane names={names} draft={draft} close={() => setPane('grid')} />}
        {panes && pane === 'family' && (
          <panes.FamilyPane wires={plan.wires} close={() => setPane('grid')} apply={(change) => void applied(change)} />
        )}
        {panes && pane === 'facts' && <panes.FactsPane close={() => setPane('grid')} />}
        {panes && pane === 'mated' && (
          <panes.MatedPane
            close={() => setPane('grid')}
            apply={(change) => void applied(change)}
            pick={(key) => {
              pick(key)
              setPane('grid')
            }}
          />
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="This wire">
        {housing ? (
          <div className={styles.planFace}>
            <FacePanel
              housing={housing}
              end={end}
              face={face}
              cavities={cavities}
              next={here?.kind === 'cavity' ? here.cavity : undefined}
              onDropWire={dropWire}
              onPick={(picked) => {
                const found = draft.rows.find((one) => {
                  const said = readRow(one, names).wire
                  return (
                    said &&
                    [said.from, said.to].some(
                      (side) => side.kind === 'cavity' && side.end === end && side.cavity === picked,
                    )
                  )
                })
                if (found) select(found.key)
              }}
            />
          </div>
        ) : (
          <p className={clsx(noteCss.note, noteCss.attend)}>
            This job has no ends yet. Add one at the left, or import a pinout.
          </p>
        )}
        {wire ? <WireCard wire={wire} view={face.view} end={end} /> : <p className={textCss.dim}>No wire in hand.</p>}
      </aside>
    </div>
  )
}
