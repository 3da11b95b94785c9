'use client'
import { useSearchParams } from 'next/navigation'
import { useMemo, useState } from 'react'
import { cavityPlace } from '@/core/face/place'
import { housingOf } from '@/core/job/facts'
import { planIndex, sideOf, type SideLetter, type Wire } from '@/core/job/plan'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { useJob } from '@/ui/job/JobProvider'
import { faceState } from '@/ui/job/faceState'
import { useAt } from '@/ui/job/useAt'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { amps, metres, mm } from '@/words/figures'
import { placeWords } from '@/words/places'
import { PinoutTable } from './PinoutTable'

/** Ends with their faces, the pinout beside them; what is selected in one is selected in the other. */
export function PlanStation() {
  const { id, state } = useJob()
  const { plan, facts } = state
  const { wires } = planIndex(plan)
  const { at, select } = useAt((key) => wires.has(wireIdOf(key)), plan.wires[0]?.id)
  const wire = wires.get(wireIdOf(at ?? ''))
  const askedEnd = useSearchParams().get('end')
  const [pickedEnd, setEnd] = useState<string | undefined>(askedEnd ?? undefined)
  const touched = wire ? endsOf(wire) : []
  const end = pickedEnd !== undefined && plan.ends.some((one) => one.id === pickedEnd) ? pickedEnd : (touched[0] ?? plan.ends[0]?.id ?? '')
  const housing = housingOf(facts, plan, end)
  const face = useFaceView(id, end, 'wire')
  const cavities = useMemo(() => (housing ? faceState(state, 1, end, housing) : new Map()), [state, end, housing])
  const here = wire && (['a', 'b'] as const).map((side) => sideOf(wire, side)).find((side) => side.kind === 'cavity' && side.end === end)
  const cavity = here?.kind === 'cavity' ? here.cavity : undefined
  const pickWire = (key: string) => {
    select(key)
    const next = wires.get(key)
    if (next && !endsOf(next).includes(end)) setEnd(endsOf(next)[0])
  }
  useKeys([{ key: 'e', words: 'Show the other end', run: () => setEnd(touched.find((one) => one !== end) ?? plan.ends[(plan.ends.findIndex((one) => one.id === end) + 1) % Math.max(1, plan.ends.length)]?.id) }])
  return (
    <div className="station">
      <div className="pane pane-queue">
        <h2 className="queue-group">
          <span>Ends</span>
          <span className="mono">{plan.ends.length}</span>
        </h2>
        {plan.ends.map((one) => {
          const shell = housingOf(facts, plan, one.id)
          const used = planIndex(plan).byEnd.get(`1/${one.id}`)?.length ?? 0
          return (
            <button key={one.id} type="button" className="queue-row" aria-pressed={one.id === end} style={{ background: one.id === end ? 'var(--glaze-wash)' : 'none', border: 0, color: 'inherit', textAlign: 'left', font: 'inherit', height: 52, gridTemplateColumns: '20px 34px minmax(0, 1fr) auto' }} onClick={() => setEnd(one.id)}>
              <span className="glyph act" aria-hidden="true">
                {one.id === end ? '▸' : ''}
              </span>
              <b className="mono">{one.id}</b>
              <span>{shell?.name ?? one.housing}</span>
              <span className="mono dim">
                {used}/{shell?.cavities.length ?? '?'}
              </span>
            </button>
          )
        })}
        <p className="small dim" style={{ padding: 14 }}>
          {plan.quantity > 1 ? `${plan.quantity} like units. ` : ''}Ambient {plan.ambientC} °C. <kbd>E</kbd> shows the other end of a wire.
        </p>
      </div>
      <div className="work">
        {housing ? (
          <div style={{ flex: '1 1 55%', minHeight: 0, display: 'flex' }}>
            <FacePanel
              housing={housing} end={end} face={face} cavities={cavities} next={cavity}
              onPick={(picked) => {
                const found = planIndex(plan).byCavity.get(`1/${end}.${picked}`)
                if (found) select(found.wire.id)
              }}
            />
          </div>
        ) : (
          <p className="note attend">This job has no ends yet. Make it from a pinout on Today.</p>
        )}
        <PinoutTable wires={plan.wires} selected={wire?.id} onSelect={pickWire} />
      </div>
      <aside className="pane pane-card" aria-label="This wire">{wire ? <WireCard wire={wire} view={face.view} end={end} /> : <p className="dim">No wire selected.</p>}</aside>
    </div>
  )
}

/** A queue key may name a termination, `1/W07/a`: the plan wants its wire. */
const wireIdOf = (key: string) => (key.includes('/') ? (key.split('/')[1] ?? '') : key)

const endsOf = (wire: Wire): string[] => [wire.from, wire.to].flatMap((side) => (side.kind === 'cavity' ? [side.end] : []))

function WireCard({ wire, view, end }: { readonly wire: Wire; readonly view: ReturnType<typeof useFaceView>['view']; readonly end: string }) {
  const { state } = useJob()
  const type = state.facts.wireTypes[wire.type]
  return (
    <>
      <WireChips wire={wire} />
      <h2 className="card-title">{type?.name ?? wire.type}</h2>
      <dl className="readouts" style={{ flexDirection: 'column' }}>
        {(['a', 'b'] as const).map((side) => (
          <SideWords key={side} wire={wire} side={side} view={view} end={end} />
        ))}
      </dl>
      <table className="table">
        <tbody>
          <tr>
            <td>Length</td>
            <td className="figure">{metres(wire.lengthMm)}</td>
          </tr>
          {type && (
            <tr>
              <td>Over insulation</td>
              <td className="figure">
                {mm(wire.insulationMm ?? type.insulationMm)}
                {wire.insulationMm !== undefined && ' measured'}
              </td>
            </tr>
          )}
          {type && (
            <tr>
              <td>Strands</td>
              <td className="figure">
                {type.strands} × {type.strandMm} mm
              </td>
            </tr>
          )}
          {wire.currentA !== undefined && (
            <tr>
              <td>Load</td>
              <td className="figure">{amps(wire.currentA)}</td>
            </tr>
          )}
        </tbody>
      </table>
      {type && (
        <p className="sources">
          Wire: {type.source.document}
          {type.source.revision !== undefined && `, rev ${type.source.revision}`}
          {type.source.basis !== 'sheet' && ` (${type.source.basis})`}.
        </p>
      )}
    </>
  )
}

function SideWords({ wire, side, view, end }: { readonly wire: Wire; readonly side: SideLetter; readonly view: ReturnType<typeof useFaceView>['view']; readonly end: string }) {
  const { state } = useJob()
  const at = sideOf(wire, side)
  if (at.kind !== 'cavity') {
    return (
      <div className="readout" style={{ borderLeft: 0 }}>
        <dt>{side === 'a' ? 'From' : 'To'}</dt>
        <dd className="value" style={{ fontSize: 24 }}>
          open
        </dd>
        <dd className="also">nothing at this side</dd>
      </div>
    )
  }
  const housing = housingOf(state.facts, state.plan, at.end)
  const cavity = housing?.cavities.find((one) => one.id === at.cavity)
  const place = housing && cavity ? placeWords(cavityPlace(cavity, housing.cavities, housing.arrangement.kind, housing.mark, at.end === end ? view : undefined)) : undefined
  return (
    <div className="readout" style={{ borderLeft: 0 }}>
      <dt>{side === 'a' ? 'From' : 'To'}</dt>
      <dd className="value" style={{ fontSize: 28 }}>
        {at.end}.{at.cavity}
      </dd>
      <dd style={{ fontSize: 15 }}>
        {place?.main}
        {place?.also !== undefined && `, ${place.also}`}
      </dd>
    </div>
  )
}
