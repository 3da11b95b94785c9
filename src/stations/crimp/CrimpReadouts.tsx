import { crimpReadoutsWords as words } from '@/words/screens/crimp/crimpReadouts'
import { memo } from 'react'
import { designatedAreaMm2, printedAwg } from '@/core/record/plan/facts'
import type { QueueItem } from '@/core/views/queue'
import { setupFields, setupId, type SetupField } from '@/core/craft/setup/setup'
import { bundleDiameterMm } from '@/core/base/wire/bundle'
import { useCallOut } from '@/ui/callOut/callOut'
import { useJob } from '@/ui/job/JobProvider'
import { sideWords } from '@/ui/job/WireChips'
import { Readout, type ReadoutProps, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { areaSaid, lengthSaid, stripSaid } from '@/words/figures'
import { setupFieldWords } from '@/words/crimp'
import { spokenCrimp } from '@/words/spoken'
import { termName } from '@/words/steps'

/** Wire, strip and, unless they stand elsewhere, the settings of the setup. */
export const CrimpReadouts = memo(function CrimpReadouts({
  item,
  settings = true,
  piece,
}: {
  readonly item: QueueItem
  readonly settings?: boolean
  readonly piece?: string
}) {
  const { state } = useJob()
  const { wire, side, key } = item.termination
  const { setup, strip } = item.set
  const type = state.facts.wireTypes[wire.type]
  const adjusted = state.adjustments.get(setupId(setup))
  const also = (field: SetupField): string => {
    if (field === 'notchMm' && item.set.notchMark !== undefined) return words.opens(setup.notchMm ?? 0)
    if (field === 'notchMm') return type ? words.bundle(bundleDiameterMm(type.strands, type.strandMm)) : ''
    if (field === 'positioner') return 'latched'
    if (field === 'wireStopMm')
      return adjusted?.wireStopMm === undefined ? words.toStop : words.cardSays(setup.wireStopMm ?? 0)
    return ''
  }
  const saidOf = (field: SetupField): Pick<ReadoutProps, 'value' | 'unit' | 'other'> => {
    if (field === 'notchMm' && item.set.notchMark === undefined) return lengthSaid(setup.notchMm ?? 0, 2, 3)
    if (field === 'wireStopMm') return lengthSaid(adjusted?.wireStopMm ?? setup.wireStopMm ?? 0, 2, 3)
    return { value: field === 'notchMm' ? item.set.notchMark : String(setup[field]) }
  }
  useCallOut(
    spokenCrimp(
      termName(key, state.plan.quantity),
      wire.colour,
      strip.nominalMm,
      settings ? setup : { tool: setup.tool },
    ),
  )
  return (
    <Readouts>
      <Readout
        label={piece ?? words.now}
        value={termName(key, state.plan.quantity)}
        also={
          <>
            <Swatch colour={wire.colour} width={28} /> → {sideWords(wire, side)}
          </>
        }
        wide
      />
      <Readout label={words.strip} {...lengthSaid(strip.nominalMm, 1)} also={stripSaid(strip).value} />
      {!settings && (
        <Readout
          label={words.wire}
          {...(type ? areaSaid(designatedAreaMm2(type), printedAwg(type)) : { value: '–' })}
          also={type?.name ?? wire.type}
          wide
        />
      )}
      {settings &&
        setupFields
          .filter((field) => setup[field] !== undefined && field !== 'tool')
          .map((field) => (
            <Readout
              key={field}
              label={setupFieldWords[field]}
              {...saidOf(field)}
              change={field === 'wireStopMm' && adjusted?.wireStopMm !== undefined}
              also={also(field)}
            />
          ))}
    </Readouts>
  )
})
