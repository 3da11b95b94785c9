'use client'
import clsx from 'clsx'
import readoutCss from '@/ui/readout/readout.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Table } from '@mantine/core'
import { cavityPlace, type FaceView } from '@/core/base/face/place'
import { housingOf } from '@/core/record/plan/facts'
import { sideOf, type SideLetter, type Wire } from '@/core/record/plan/plan'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { strandAreaMm2 } from '@/core/base/wire/bundle'
import { wireLoad } from '@/core/craft/fit/load'
import { nearestTradeGauge, formatAwg } from '@/core/base/wire/awg'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { amps, figure, metres, mm, mm2 } from '@/words/figures'
import { writePlace } from '@/core/record/plan/writePlace'
import { placeWords } from '@/words/places'

/** A wire of the plan: where it goes, what it is made of, whether its load is good for it. */
export function WireCard({ wire, view, end }: { readonly wire: Wire; readonly view: FaceView; readonly end: string }) {
  const { state } = useJob()
  const type = state.facts.wireTypes[wire.type]
  const load = type && wireLoad(type, wire, state.plan, rulesOf(state))
  const metalMm2 = type && strandAreaMm2(type.strands, type.strandMm)
  const gauge = metalMm2 === undefined ? undefined : nearestTradeGauge(metalMm2)
  return (
    <>
      <WireChips wire={wire} />
      <dl className={readoutCss.readouts} style={{ flexDirection: 'column' }}>
        {(['a', 'b'] as const).map((side) => (
          <SideWords key={side} wire={wire} side={side} view={view} end={end} />
        ))}
      </dl>
      {load?.overloaded && (
        <p className={clsx(noteCss.note, noteCss.fault)}>
          ▲ {amps(load.loadA ?? 0)} is more than this wire carries here: {amps(load.allowedA ?? 0)} at{' '}
          {state.plan.ambientC} °C
          {load.bundleFactor < 1 && `, ${figure(load.bundleFactor * 100, 0)} % left in its bundle`}.
        </p>
      )}
      {load?.dropTooLarge && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          ◆ It drops {figure(load.dropPercent ?? 0, 1)} % of {state.plan.supplyV} V; the house rules allow{' '}
          {rulesOf(state).dropLimitPercent} %.
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
              <Table.Td>Over insulation</Table.Td>
              <Table.Td className={textCss.figure}>
                {mm(wire.insulationMm ?? type.insulationMm)}
                {wire.insulationMm !== undefined && ' measured'}
              </Table.Td>
            </Table.Tr>
          )}
          {type && metalMm2 !== undefined && gauge && (
            <Table.Tr>
              <Table.Td>
                {type.strands} × {type.strandMm} mm
              </Table.Td>
              <Table.Td className={textCss.figure}>
                {mm2(metalMm2)}, {formatAwg(gauge.awg)} AWG {gauge.offByPercent < 0 ? '−' : '+'}
                {figure(Math.abs(gauge.offByPercent), 0)} %
              </Table.Td>
            </Table.Tr>
          )}
          {load?.loadA !== undefined && (
            <Table.Tr>
              <Table.Td>Load, of {load.allowedA === undefined ? 'not on the sheet' : amps(load.allowedA)}</Table.Td>
              <Table.Td className={textCss.figure}>{amps(load.loadA)}</Table.Td>
            </Table.Tr>
          )}
          {load?.dropV !== undefined && (
            <Table.Tr>
              <Table.Td>Drop, there and back</Table.Td>
              <Table.Td className={textCss.figure}>
                {figure(load.dropV, 3)} V{load.dropPercent !== undefined && `, ${figure(load.dropPercent, 1)} %`}
              </Table.Td>
            </Table.Tr>
          )}
        </Table.Tbody>
      </Table>
      {type && (
        <p className={paneCss.sources}>
          Wire: {type.source.document}
          {type.source.revision !== undefined && `, rev ${type.source.revision}`}
          {type.source.basis !== 'sheet' && ` (${type.source.basis})`}.{' '}
          {state.plan.loadedInBundle === undefined && 'Not derated for a bundle: say how many loaded wires lie in it.'}
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
    <div className={readoutCss.readout} style={{ borderLeft: 0 }}>
      <dt>{side === 'a' ? 'From' : 'To'}</dt>
      <dd className={readoutCss.value} style={{ fontSize: 26 }}>
        {writePlace(at)}
      </dd>
      <dd style={{ fontSize: 14 }}>
        {place?.main ??
          (at.kind === 'terminal'
            ? (state.facts.contacts[at.part]?.name ?? 'a terminal')
            : at.kind === 'with'
              ? 'two wires in one contact'
              : at.kind === 'splice'
                ? 'joined there'
                : 'nothing at this side')}
        {place?.also !== undefined && `, ${place.also}`}
      </dd>
    </div>
  )
}
