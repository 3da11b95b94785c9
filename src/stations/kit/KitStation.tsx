'use client'

import { kitStationWords as words } from '@/words/screens/kit/kitStation'
import { useMemo, useState } from 'react'
import { withoutSet } from '@/core/views/queue'
import { type Termination, planIndex } from '@/core/record/plan/plan'
import { useBeside } from '@/ui/later/useBeside'
import { TerminationKit } from './TerminationKit'
import { later } from '@/ui/later/later'
import { useJob } from '@/ui/job/JobProvider'
import { useShown } from '@/ui/keys/useShown'
import { useAt } from '@/ui/job/useAt'
import { sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Queue, type QueueRow, type QueueSection } from '@/ui/list/Queue'
import { setupWords } from '@/words/crimp'
import { setKey } from '@/core/record/plan/keys'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

const loadPanes = async () => ({
  ...(await import('./KitParts')),
  ...(await import('./WholeJob')),
  ...(await import('./BuyTools')),
})
const KitParts = later(loadPanes, (panes) => panes.KitParts)
const WholeJob = later(loadPanes, (panes) => panes.WholeJob)
const BuyTools = later(loadPanes, (panes) => panes.BuyTools)

/** The contact, seal and setup of every termination, and why each other candidate is out. */
export function KitStation() {
  const { state } = useJob()
  const [pane, setPane] = useState<'parts' | 'whole' | 'tools'>()
  const close = () => setPane(undefined)
  useBeside(loadPanes)
  const index = planIndex(state.plan)
  const sections = useMemo(() => kitSections(state), [state])
  const first = withoutSet(state)[0]?.key ?? index.terminations[0]?.key
  const { at, select } = useAt((key) => index.byKey.has(key), first)
  const shown = useShown(at)
  const termination = index.byKey.get(shown ?? '') ?? index.byKey.get(at ?? '')
  useKeys([
    {
      key: 'p',
      words: words.partsAndSetupsOf,
      run: () => setPane((now) => (now === 'parts' ? undefined : 'parts')),
    },
    {
      key: 'w',
      words: words.chooseForWholeJob,
      run: () => setPane((now) => (now === 'whole' ? undefined : 'whole')),
    },
    { key: 'b', words: words.toolsToBuyOr, run: () => setPane((now) => (now === 'tools' ? undefined : 'tools')) },
  ])
  return (
    <div className={paneCss.station}>
      <Queue sections={sections} selected={at} onSelect={select} label={words.terminations} />
      {pane === 'whole' && <WholeJob close={close} />}
      {pane === 'tools' && <BuyTools close={close} />}
      {(pane === 'parts' || (!pane && !termination)) && <KitParts close={close} />}
      {!pane && termination && (
        <TerminationKit key={termination.key} wireId={termination.wire.id} side={termination.side} show={setPane} />
      )}
    </div>
  )
}

function kitSections(state: ReturnType<typeof useJob>['state']): readonly QueueSection[] {
  const { terminations } = planIndex(state.plan)
  const units = terminations.filter((termination) => termination.unit === 1)
  const setOf = (termination: Termination) => state.sets.get(setKey(termination.wire.id, termination.side))
  const row = (termination: Termination, glyph: 'fault' | 'done' | 'caution'): QueueRow => ({
    key: termination.key,
    look: () => {
      const set = setOf(termination)
      return {
        glyph,
        name: `${termination.wire.id}${termination.side}`,
        words: `${sideWords(termination.wire, termination.side)} · ${set ? setupWords(set.setup) : words.nothingFits}`,
        aside: set?.seal ?? '',
      }
    },
  })
  const blocked = units.filter((termination) => !setOf(termination))
  const estimated = units.filter((termination) => setOf(termination)?.estimate === true)
  const chosen = units.filter((termination) => setOf(termination)?.estimate === false)
  return [
    ...(blocked.length > 0
      ? [
          {
            id: 'blocked',
            title: <span className={textCss.fault}>{words.blocked}</span>,
            rows: blocked.map((one) => row(one, 'fault')),
          },
        ]
      : []),
    ...(estimated.length > 0
      ? [{ id: 'estimated', title: words.lookAgain, rows: estimated.map((one) => row(one, 'caution')) }]
      : []),
    { id: 'chosen', title: words.chosen, rows: chosen.map((one) => row(one, 'done')) },
  ]
}
