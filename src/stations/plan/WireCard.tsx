'use client'
import { wireCardWords as words } from '@/words/screens/plan/wireCard'
import { Table } from '@mantine/core'
import { type FaceView, cavityPlace } from '@/core/base/face/place'
import { housingOf } from '@/core/record/plan/facts'
import { type SideLetter, type Wire, sideOf } from '@/core/record/plan/plan'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { strandAreaMm2 } from '@/core/base/wire/bundle'
import { wearsProtectiveColours } from '@/core/record/plan/protectiveColour'
import { wireLoad } from '@/core/craft/fit/load'
import { contactsOhm } from '@/core/record/standing/contactsOhm'
import { formatAwg, nearestTradeGauge } from '@/core/base/wire/awg'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { amps, figure, metres, mm } from '@/words/figures'
import { writePlace } from '@/core/record/plan/writePlace'
import { placeWords } from '@/words/places'
import styles from './WireCard.module.css'
import clsx from 'clsx'
import readoutCss from '@/ui/readout/readout.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** A wire of the plan: where it goes, what it is made of, whether its load is good for it. */
export function WireCard({ wire, view, end }: { readonly wire: Wire; readonly view: FaceView; readonly end: string }) {
  const { state } = useJob()
  const type = state.facts.wireTypes[wire.type]
  const load = type && wireLoad(type, { ...wire, contactsOhm: contactsOhm(state, wire) }, state.plan, rulesOf(state))
  const metalMm2 = type && strandAreaMm2(type.strands, type.strandMm)
  const gauge = metalMm2 === undefined ? undefined : nearestTradeGauge(metalMm2)
  return (
    <>
      <WireChips wire={wire} />
      <dl className={clsx(readoutCss.readouts, styles.figures)}>
        {(['a', 'b'] as const).map((side) => (
          <SideWords key={side} wire={wire} side={side} view={view} end={end} />
        ))}
      </dl>
      {wearsProtectiveColours(wire) && (
        <p className={clsx(noteCss.note, noteCss.attend)}>◆ {words.protectiveColours(wire.colour)}</p>
      )}
      {load?.overloaded && (
        <p className={clsx(noteCss.note, noteCss.fault)}>
          {words.isMoreThanThis(load.loadA ?? 0, load.allowedA ?? 0, state.plan.ambientC)}
          {load.bundleFactor < 1 && words.leftInItsBundle(load.bundleFactor * 100)}.
        </p>
      )}
      {load?.dropTooLarge && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          {words.itDropsOf(load.dropPercent ?? 0, rulesOf(state).dropLimitPercent)} {state.plan.supplyV}{' '}
          {words.vHouseRulesAllow(rulesOf(state).dropLimitPercent)}
        </p>
      )}
      <Table>
        <Table.Tbody>
          <Table.Tr>
            <Table.Td>{type?.name ?? wire.type}</Table.Td>
            <Table.Td className={textCss.figure}>{metres(wire.lengthMm)}</Table.Td>
          </Table.Tr>
          {type && (
            <Table.Tr>
              <Table.Td>{words.overInsulation}</Table.Td>
              <Table.Td className={textCss.figure}>
                {mm(wire.insulationMm ?? type.insulationMm)}
                {wire.insulationMm !== undefined && ' measured'}
              </Table.Td>
            </Table.Tr>
          )}
          {type && metalMm2 !== undefined && gauge && (
            <Table.Tr>
              <Table.Td>{words.strandsOf(type.strands, type.strandMm)}</Table.Td>
              <Table.Td className={textCss.figure}>
                {words.awg(
                  metalMm2,
                  formatAwg(gauge.awg),
                  gauge.offByPercent < 0 ? '−' : '+',
                  Math.abs(gauge.offByPercent),
                )}
              </Table.Td>
            </Table.Tr>
          )}
          {load?.loadA !== undefined && (
            <Table.Tr>
              <Table.Td>{words.loadOf(load.allowedA === undefined ? words.notOnSheet : amps(load.allowedA))}</Table.Td>
              <Table.Td className={textCss.figure}>{amps(load.loadA)}</Table.Td>
            </Table.Tr>
          )}
          {load?.dropV !== undefined && (
            <Table.Tr>
              <Table.Td>{words.dropThereAndBack(load.loadedC, state.plan.ambientC, load.contactsDropV ?? 0)}</Table.Td>
              <Table.Td className={textCss.figure}>
                {words.drop(load.dropV)}
                {load.dropPercent !== undefined && `, ${figure(load.dropPercent, 1)} %`}
              </Table.Td>
            </Table.Tr>
          )}
        </Table.Tbody>
      </Table>
      {type && (
        <p className={paneCss.sources}>
          {words.wire(type.source.document)}
          {type.source.revision !== undefined && `, rev ${type.source.revision}`}
          {type.source.basis !== 'sheet' && ` (${type.source.basis})`}. {load?.notDerated && words.notDerated}
          {state.plan.loadedInBundle === undefined ? words.notDeratedForBundle : words.bundleTable}{' '}
          {load?.loadA !== undefined && words.neighbours}
        </p>
      )}
    </>
  )
}

function SideWords({
  wire,
  side,
  view,
  end,
}: {
  readonly wire: Wire
  readonly side: SideLetter
  readonly view: FaceView
  readonly end: string
}) {
  const { state } = useJob()
  const at = sideOf(wire, side)
  const housing = at.kind === 'cavity' ? housingOf(state.facts, state.plan, at.end) : undefined
  const cavity = at.kind === 'cavity' ? housing?.cavities.find((one) => one.id === at.cavity) : undefined
  const place =
    housing && cavity
      ? placeWords(
          cavityPlace(
            cavity,
            housing.cavities,
            housing.arrangement.kind,
            housing.mark,
            at.kind === 'cavity' && at.end === end ? view : undefined,
          ),
        )
      : undefined
  return (
    <div className={clsx(readoutCss.readout, styles.unframed)}>
      <dt>{side === 'a' ? words.from(wire.id) : words.toEnd(wire.id)}</dt>
      <dd className={clsx(readoutCss.value, styles.large)}>{writePlace(at)}</dd>
      <dd className={styles.smaller}>
        {place?.main ??
          (at.kind === 'terminal'
            ? (state.facts.contacts[at.part]?.name ?? words.aTerminal)
            : at.kind === 'with'
              ? words.twoWiresInOne
              : at.kind === 'splice'
                ? words.joinedThere
                : words.nothingAtThisSide)}
        {place?.also !== undefined && `, ${place.also}`}
      </dd>
    </div>
  )
}
