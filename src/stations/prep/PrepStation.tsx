'use client'
import { prepStationWords as words } from '@/words/screens/prep/prepStation'
import styles from './PrepStation.module.css'
import clsx from 'clsx'
import { StationPanes } from '@/ui/pane/StationPanes'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Kbd } from '@mantine/core'
import { useMemo, useState } from 'react'
import { cutsLeft } from '@/core/work/prep/cutList'
import { setupId } from '@/core/craft/setup/setup'
import { isUnproven } from '@/core/record/standing/prepAhead'
import { stepAt } from '@/core/views/steps'
import { inQueue, type QueueGroup, type QueueItem, setupQueue } from '@/core/views/queue'
import { useJob } from '@/ui/job/JobProvider'
import { StationDone } from '@/ui/job/StationDone'
import { setupRows, setupSections } from '@/ui/job/setupSections'
import { useShown } from '@/ui/keys/useShown'
import { useAt } from '@/ui/job/useAt'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Queue } from '@/ui/list/Queue'
import { useBeside } from '@/ui/later/useBeside'
import { later } from '@/ui/later/later'
import { PrepItem } from './PrepItem'

const loadCutPane = () => import('./CutPane')
const CutPane = later(loadCutPane, (module) => module.CutPane)

/** Cut, thread, strip: what the hands need for each termination before its contact. */
export function PrepStation() {
  const { state } = useJob()
  useBeside(loadCutPane)
  const [showsCuts, setShowsCuts] = useState(false)
  const groups = useMemo(() => setupQueue(state), [state])
  // a contact and conductor of which no first piece is released holds all of its wires
  const held = useMemo(() => heldItems(state, groups), [state, groups])
  const sections = useMemo(
    () => setupSections(groups, (group) => group.items.filter((item) => item.stage === 'to-strip').length),
    [groups],
  )
  const rows = useMemo(
    () => setupRows(state, (item, group) => (item.stage !== 'to-strip' ? 'done' : held(item, group) ? 'wait' : 'todo')),
    [state, held],
  )
  const due = useMemo(() => {
    const step = stepAt(state, 'prep')
    return step.station === 'prep' ? step.focus : undefined
  }, [state])
  const waits = groups.some((group) => group.items.some((item) => item.stage === 'to-strip' && held(item, group)))
    ? words.restWaitsUntilFirst
    : words.restWaitsUntilSet
  const { at, select, follow } = useAt((key) => inQueue(groups, key) !== undefined, due)
  const shown = useShown(at)
  const item = (inQueue(groups, shown) ?? inQueue(groups, at))?.item
  const toCut = cutsLeft(state)
  useKeys([{ key: 'l', words: showsCuts ? words.backToStrip : words.cutList, run: () => setShowsCuts((now) => !now) }])
  return (
    <StationPanes
      at={at}
      queue={
        <Queue
          sections={sections}
          rows={rows}
          selected={at}
          label={words.terminationsBySetup}
          onSelect={(key) => {
            setShowsCuts(false)
            select(key)
          }}
          head={
            <Button
              aria-pressed={showsCuts}
              onClick={() => setShowsCuts(!showsCuts)}
              className={styles.head}
              fullWidth={false}
            >
              <span>
                {showsCuts ? words.backToStrip : toCut === 0 ? words.cutListAllCut : words.cutListToCut(toCut)}
              </span>{' '}
              <Kbd aria-hidden="true">L</Kbd>
            </Button>
          }
        />
      }
    >
      {showsCuts ? (
        <CutPane />
      ) : item ? (
        <PrepItem key={setupId(item.set.setup)} termination={item.termination} set={item.set} done={follow} />
      ) : groups.length > 0 ? (
        <StationDone station="prep" waits={waits} />
      ) : (
        <EmptyPrep />
      )}
    </StationPanes>
  )
}

type State = ReturnType<typeof useJob>['state']

type Held = (item: QueueItem, group: QueueGroup) => boolean

/** What waits for a first piece, asked once for each contact and conductor of a setup. */
function heldItems(state: State, groups: readonly QueueGroup[]): Held {
  const held = new Set<string>()
  const name = (item: QueueItem, group: QueueGroup) => `${group.id} ${item.crimpClass}`
  for (const group of groups) {
    const classes = new Map(group.items.map((item) => [item.crimpClass, item]))
    for (const [crimpClass, item] of classes) if (isUnproven(state, group.id, crimpClass)) held.add(name(item, group))
  }
  return (item, group) => held.has(name(item, group))
}

function EmptyPrep() {
  return (
    <div className={paneCss.work}>
      <p className={clsx(noteCss.note, noteCss.attend)}>{words.nothingToPrepareYet}</p>
    </div>
  )
}
