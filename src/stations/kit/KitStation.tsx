'use client'

import { kitStationWords as words } from '@/words/screens/kit/kitStation'
import { useMemo, useState } from 'react'
import { withoutSet } from '@/core/views/queue'
import { type Termination, planIndex } from '@/core/record/plan/plan'
import { useBeside } from '@/ui/later/useBeside'
import { AS_FOUND } from '@/core/record/state/records'
import { termState } from '@/core/record/state/state'
import type { KitPane } from './kitPane'
import { TerminationKit } from './TerminationKit'
import { later } from '@/ui/later/later'
import { useJob } from '@/ui/job/JobProvider'
import { useShown } from '@/ui/keys/useShown'
import { useAt } from '@/ui/job/useAt'
import { sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { type Glyph, Queue, type QueueRows, type QueueSection } from '@/ui/list/Queue'
import { setupWords } from '@/words/crimp'
import { setKey } from '@/core/record/plan/keys'
import { StationPanes } from '@/ui/pane/StationPanes'
import textCss from '@/ui/text/text.module.css'

const loadPanes = async () => ({
  ...(await import('./KitParts')),
  ...(await import('./WholeJob')),
  ...(await import('./BuyTools')),
  ...(await import('./BringPane')),
})
const CameKit = later(
  () => import('./CameKit'),
  (module) => module.CameKit,
)
const KitParts = later(loadPanes, (panes) => panes.KitParts)
const WholeJob = later(loadPanes, (panes) => panes.WholeJob)
const BuyTools = later(loadPanes, (panes) => panes.BuyTools)
const BringPane = later(loadPanes, (panes) => panes.BringPane)

/** The contact, seal and setup of every termination, and why each other candidate is out. */
export function KitStation() {
  const { state } = useJob()
  const [pane, setPane] = useState<KitPane>()
  const close = () => setPane(undefined)
  useBeside(loadPanes)
  const index = planIndex(state.plan)
  const sections = useMemo(() => kitSections(state), [state])
  const rows = useMemo(() => kitRows(state), [state])
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
    { key: 't', words: words.whatToBring, run: () => setPane((now) => (now === 'bring' ? undefined : 'bring')) },
  ])
  return (
    <StationPanes
      at={at}
      queue={<Queue sections={sections} rows={rows} selected={at} onSelect={select} label={words.terminations} />}
    >
      {pane === 'whole' && <WholeJob close={close} />}
      {pane === 'tools' && <BuyTools close={close} />}
      {pane === 'bring' && <BringPane close={close} />}
      {(pane === 'parts' || (!pane && !termination)) && <KitParts close={close} />}
      {!pane && termination && isCame(state, termination) && (
        <CameKit key={termination.key} termination={termination} />
      )}
      {!pane && termination && !isCame(state, termination) && (
        <TerminationKit key={termination.key} wireId={termination.wire.id} side={termination.side} show={setPane} />
      )}
    </StationPanes>
  )
}

type State = ReturnType<typeof useJob>['state']
type KitSection = QueueSection<Termination> & { readonly glyph: Glyph }

const setOf = (state: State, { wire, side }: Termination) => state.sets.get(setKey(wire.id, side))

/** It came crimped with the harness: nothing is chosen for it. */
const isCame = (state: State, { key }: Termination) => termState(state, key).crimp?.setup === AS_FOUND

const kitRows = (state: State): QueueRows<Termination, KitSection> => ({
  keyOf: (termination) => termination.key,
  look: (termination, { glyph }) => {
    const { wire, side } = termination
    const set = setOf(state, termination)
    return {
      glyph,
      name: `${wire.id}${side}`,
      words: `${sideWords(wire, side)} · ${isCame(state, termination) ? words.asItCame(termState(state, termination.key).crimp?.contact) : set ? setupWords(set.setup) : words.nothingFits}`,
      aside: isCame(state, termination) ? '' : (set?.seal ?? ''),
    }
  },
})

function kitSections(state: State): readonly KitSection[] {
  const units = planIndex(state.plan).terminations.filter((termination) => termination.unit === 1)
  const came = units.filter((termination) => isCame(state, termination))
  const toMake = units.filter((termination) => !isCame(state, termination))
  const blocked = toMake.filter((termination) => !setOf(state, termination))
  const estimated = toMake.filter((termination) => setOf(state, termination)?.estimate === true)
  const chosen = toMake.filter((termination) => setOf(state, termination)?.estimate === false)
  const sections: readonly KitSection[] = [
    {
      id: 'blocked',
      title: <span className={textCss.fault}>{words.blocked}</span>,
      items: blocked,
      glyph: 'fault',
    },
    { id: 'estimated', title: words.lookAgain, items: estimated, glyph: 'caution' },
    { id: 'chosen', title: words.chosen, items: chosen, glyph: 'done' },
    { id: 'came', title: words.cameCrimped, items: came, glyph: 'done' },
  ]
  return sections.filter(({ id, items }) => id === 'chosen' || items.length > 0)
}
