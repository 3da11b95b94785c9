'use client'
import clsx from 'clsx'
import { useMemo, useState } from 'react'
import { netOf } from '@/core/record/plan/keys'
import { units } from '@/core/record/state/wireBlocks'
import { type NetVerdict, netVerdicts } from '@/core/work/prove/netVerdict'
import { useJob } from '@/ui/job/JobProvider'
import { useAt } from '@/ui/job/useAt'
import { sideWords } from '@/ui/job/WireChips'
import { useShown } from '@/ui/keys/useShown'
import { Queue, type QueueRows, type QueueSection } from '@/ui/list/Queue'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { DiagnosisView } from './DiagnosisView'
import { NetCard } from './NetCard'
import { netVerdictWords } from './netVerdictWords'

/** A walk with two probes: each net called out, judged, and measured where a meter can tell. */
export function ProveStation() {
  const { state } = useJob()
  const nets = useMemo(() => allNets(state), [state])
  const byKey = (key: string | undefined) => nets.find((one) => netKey(one) === netOf(key ?? ''))
  const sections = useMemo(() => netSections(nets), [nets])
  const rows = useMemo(() => netRows(state.plan.quantity), [state.plan.quantity])
  const due = nets.find((net) => net.ready && !net.probe) ?? nets.find((net) => !net.proven) ?? nets[0]
  const { at, select, follow } = useAt((key) => byKey(key) !== undefined, due && netKey(due))
  const shown = useShown(at)
  const net = byKey(shown) ?? byKey(at)
  const unit = net?.unit ?? 1
  const hasFailed = nets.some((one) => one.unit === unit && one.probe?.result === 'fail')
  const [explains, setExplains] = useState(false)
  return (
    <div className={paneCss.station}>
      <Queue
        sections={sections}
        rows={rows}
        selected={at === undefined ? undefined : netOf(at)}
        onSelect={(key) => {
          setExplains(false)
          select(key)
        }}
        label={words.nets}
      />
      {hasFailed && explains ? (
        <DiagnosisView key={unit} unit={unit} back={() => setExplains(false)} />
      ) : net ? (
        <NetCard key={netKey(net)} net={net} done={follow} explain={hasFailed ? () => setExplains(true) : undefined} />
      ) : (
        <div className={paneCss.work}>
          <p className={clsx(noteCss.note, noteCss.attend)}>{words.noNetsYetPlan}</p>
        </div>
      )}
    </div>
  )
}

type State = ReturnType<typeof useJob>['state']
const netKey = (net: NetVerdict) => `${net.unit}/${net.wire.id}`
/** `1/W07/a` asks for its net, `1/W07`. */
function allNets(state: State): readonly NetVerdict[] {
  return units(state).flatMap((unit) => netVerdicts(state, unit))
}

const netRows = (quantity: number): QueueRows<NetVerdict> => ({
  keyOf: netKey,
  look: (net) => ({
    glyph: net.proven ? 'done' : net.probe ? 'fault' : net.ready ? 'todo' : 'wait',
    name: quantity > 1 ? `${net.wire.id} #${net.unit}` : net.wire.id,
    words: `${sideWords(net.wire, 'a')} – ${sideWords(net.wire, 'b')}${net.ready ? '' : words.notSeated}`,
    aside: net.resistance?.verdict === undefined ? '' : netVerdictWords[net.resistance.verdict].sign,
  }),
})

function netSections(nets: readonly NetVerdict[]): readonly QueueSection<NetVerdict>[] {
  const sections: readonly QueueSection<NetVerdict>[] = [
    {
      id: 'wrong',
      title: <span className={textCss.fault}>{words.didNotProve}</span>,
      items: nets.filter((net) => net.probe && !net.proven),
    },
    { id: 'open', title: words.toProbe, items: nets.filter((net) => !net.probe) },
    { id: 'proven', title: words.proved, items: nets.filter((net) => net.proven) },
  ]
  return sections.filter(({ items }) => items.length > 0)
}
