import type { QueueItem } from '@/core/job/queue'
import { setupFields, type SetupChange, type SetupField } from '@/core/setup/setup'
import { bundleDiameterMm } from '@/core/wire/bundle'
import { useJob } from '@/ui/job/JobProvider'
import { sideWords } from '@/ui/job/WireChips'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { day, figure, range } from '@/words/figures'
import { setupFieldWords, setupValue } from '@/words/crimp'
import { termName } from '@/words/steps'

/** Wire, strip and the figures of the setup; one that differs from what is in hand stands out. */
export function CrimpReadouts({ item, changes = [], piece }: { readonly item: QueueItem; readonly changes?: readonly SetupChange[]; readonly piece?: string }) {
  const { state } = useJob()
  const { wire, side, key } = item.termination
  const { setup, strip } = item.set
  const type = state.facts.wireTypes[wire.type]
  const tool = state.facts.tools[setup.tool]
  const also = (field: SetupField): string => {
    if (field === 'notchMm') return type ? `bundle ${figure(bundleDiameterMm(type.strands, type.strandMm), 2)}` : ''
    if (field === 'tool') return tool?.verification ? `verified ${day(tool.verification.doneOn)}` : 'not calibrated'
    if (field === 'positioner') return 'latched'
    if (field === 'wireStopMm') return 'to the stop'
    return ''
  }
  const changeOf = (field: SetupField) => changes.find((change) => change.field === field)
  return (
    <Readouts>
      <Readout label={piece ?? 'Now'} value={termName(key, state.plan.quantity)} also={<><Swatch colour={wire.colour} width={28} /> → {sideWords(wire, side)}</>} wide />
      <Readout label="Strip" value={figure(strip.nominalMm, 1)} unit="mm" also={range(strip.minMm, strip.maxMm, 1)} />
      {setupFields.filter((field) => setup[field] !== undefined && (field !== 'tool' || changeOf(field))).map((field) => {
        const change = changeOf(field)
        return (
          <Readout
            key={field}
            label={change?.from === undefined ? setupFieldWords[field] : `${setupFieldWords[field]}, was ${setupValue(field, change.from).replace(' mm', '')}`}
            value={String(setup[field])}
            unit={field === 'notchMm' || field === 'wireStopMm' ? 'mm' : undefined}
            also={also(field)}
            change={change !== undefined}
          />
        )
      })}
    </Readouts>
  )
}
