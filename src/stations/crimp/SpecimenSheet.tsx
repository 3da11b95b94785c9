import type { DefectCode } from '@/core/crimp/looks'
import type { QueueItem } from '@/core/job/queue'
import { useJob } from '@/ui/job/JobProvider'
import { specimenOf } from '@/ui/job/specimenOf'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'
import { termState } from '@/core/journal/state'

/** The piece as it should be, or as it was reported. */
export function SpecimenSheet({ item, crimped, defect }: { readonly item: QueueItem; readonly crimped: boolean; readonly defect?: DefectCode | undefined }) {
  const { state } = useJob()
  const { wire, key } = item.termination
  const piece = specimenOf(state, wire, item.set, { crimped, defect, stripMm: termState(state, key).stripped?.stripMm })
  const contact = state.facts.contacts[item.set.contact]
  const type = state.facts.wireTypes[wire.type]
  return (
    <section className="sheet sheet-fill" aria-label={defect ? 'As reported' : 'How it should look'}>
      <div className="sheet-head">
        <span>
          {contact?.name ?? item.set.contact} on {type?.name ?? wire.type} {wire.colour}
        </span>
        <span className="caption">{defect ? <span className="fault">AS REPORTED</span> : 'GOOD'} · SIDE, TO SCALE</span>
      </div>
      <div className="sheet-body" style={{ padding: 12, overflow: 'hidden' }}>{piece && <SpecimenDrawing piece={piece} />}</div>
    </section>
  )
}
