import type { Termination } from '@/core/record/plan/plan'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { bundleDiameterMm } from '@/core/base/wire/bundle'
import { useJob } from '@/ui/job/JobProvider'
import { sideWords } from '@/ui/job/WireChips'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { lengthSaid, stripSaid } from '@/words/figures'
import { prepWords as words } from '@/words/screens/prep/prepItem'
import { termName } from '@/words/steps'

/** The figures that the hands need: how long the wire, how much bare, in which notch. */
export function StripFacts({
  termination: { wire, side, key },
  set,
  cutMm,
  isCut,
  notchMm,
}: {
  readonly termination: Termination
  readonly set: ChosenSet
  readonly cutMm: number
  readonly isCut: boolean
  readonly notchMm: number | undefined
}) {
  const { state } = useJob()
  const type = state.facts.wireTypes[wire.type]
  // what the hand reads on the stripper; another notch than the card's goes by its opening
  const printed = notchMm === set.setup.notchMm ? set.notchMark : undefined
  const where = (
    <>
      <Swatch colour={wire.colour} width={28} /> → {sideWords(wire, side)}
    </>
  )
  return (
    <Readouts>
      <Readout label={words.now} value={termName(key, state.plan.quantity)} also={where} wide />
      <Readout label={words.cut(isCut)} {...lengthSaid(cutMm, 0)} also={type?.name ?? wire.type} wide />
      <Readout label={words.strip} {...lengthSaid(set.strip.nominalMm, 1)} also={stripSaid(set.strip).value} />
      <Readout
        label={words.notch}
        {...(printed === undefined && notchMm !== undefined ? lengthSaid(notchMm, 1) : { value: printed ?? '–' })}
        also={
          printed !== undefined && notchMm !== undefined
            ? words.opens(notchMm)
            : type
              ? words.bundle(bundleDiameterMm(type.strands, type.strandMm))
              : ''
        }
        change={notchMm !== set.setup.notchMm}
      />
    </Readouts>
  )
}
