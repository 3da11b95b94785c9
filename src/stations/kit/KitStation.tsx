'use client'

import { kitStationWords as words } from '@/words/screens/kit/kitStation'
import { Button, Kbd, Table, TextInput } from '@mantine/core'
import { useEffect, useMemo, useState } from 'react'
import { withoutSet } from '@/core/views/queue'
import { SideLetter, Termination, planIndex } from '@/core/record/plan/plan'
import { setupId } from '@/core/craft/setup/setup'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useBeside } from '@/ui/later/useBeside'
import { later } from '@/ui/later/later'
import { useJob } from '@/ui/job/JobProvider'
import { useAt } from '@/ui/job/useAt'
import { WireChips, sideWords } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Queue, QueueRow, QueueSection } from '@/ui/list/Queue'
import { amps, mm } from '@/words/figures'
import { quantityWords } from '@/words/quantity'
import { setupWords } from '@/words/crimp'
import { changeWire, chooseSet } from './actions'
import { KitOptions, KitSet } from './kitOptions'
import { BlockedSheet, RejectedTable, SetsTable } from './KitSheets'
import { setKey } from '@/core/record/plan/keys'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import { useAction } from '@/ui/action/useAction'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

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
  const termination = at === undefined ? undefined : index.byKey.get(at)
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

const sameSet = (one: KitSet, contact: string | undefined, seal: string | undefined, setup: string | undefined) =>
  one.set.contact === contact && one.set.seal === seal && setupId(one.set.setup) === setup

const readOptions = withFields<KitOptions>('sets', 'remedies')

function TerminationKit({
  wireId,
  side,
  show,
}: {
  readonly wireId: string
  readonly side: SideLetter
  readonly show: (pane: 'parts' | 'whole' | 'tools') => void
}) {
  const { id, state, tell } = useJob()
  const { busy, write } = useAction()
  const [picked, setPicked] = useState(0)
  const [measuring, setMeasuring] = useState(false)
  const wire = planIndex(state.plan).wires.get(wireId)
  const chosen = state.sets.get(setKey(wireId, side))
  const asked = JSON.stringify([wire?.type, wire?.insulationMm, wire?.currentA])
  const { value, failed, loading } = useFetched(
    `/jobs/${encodeURIComponent(id)}/kit/options?wire=${encodeURIComponent(wireId)}&side=${side}`,
    readOptions,
    { version: asked },
  )
  // those of another termination say nothing of this one
  const options = loading ? undefined : value
  useEffect(() => setPicked(0), [wireId, side, asked])
  useEffect(() => {
    if (failed) tell({ tone: 'fault', text: words.shelfDoesNotAnswer })
  }, [failed, tell])

  const blocked = options?.sets.length === 0
  const remedy = blocked ? options.remedies[picked] : undefined
  const set = blocked ? undefined : options?.sets[picked]
  const isChosen =
    set !== undefined && chosen !== undefined && sameSet(set, chosen.contact, chosen.seal, setupId(chosen.setup))
  const act = () => {
    if (busy) return
    if (remedy) void write((asking) => changeWire({ ...asking, wire: wireId, type: remedy.wireType }))
    else if (set && !isChosen)
      void write((asking) =>
        chooseSet({
          ...asking,
          wire: wireId,
          side,
          contact: set.set.contact,
          ...(set.set.seal !== undefined && { seal: set.set.seal }),
          setup: setupId(set.set.setup),
        }),
      )
  }
  const count = blocked ? options.remedies.length : (options?.sets.length ?? 0)
  useKeys([
    { key: ' ', words: remedy ? words.useThatWire : words.chooseThatSet, run: act },
    { key: 'm', words: words.measureWireAgain, run: () => setMeasuring(true) },
    ...Array.from({ length: Math.min(9, count) }, (_, i) => ({
      key: String(i + 1),
      words: i === 0 ? words.pickLineTo : '',
      run: () => setPicked(i),
    })),
  ])
  if (!wire) return null
  const type = state.facts.wireTypes[wire.type]
  return (
    <>
      <div className={paneCss.work}>
        {!options && (
          <p className={textCss.dim} role="status">
            {words.workingOutWhatFits}
          </p>
        )}
        {blocked && (
          <BlockedSheet options={options} picked={picked} onPick={setPicked} showTools={() => show('tools')} />
        )}
        {options && !blocked && (
          <SetsTable
            options={options}
            picked={picked}
            onPick={setPicked}
            isChosen={(one) => chosen !== undefined && sameSet(one, chosen.contact, chosen.seal, setupId(chosen.setup))}
          />
        )}
        {options && <RejectedTable rejected={options.rejected} />}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisTermination}>
        <WireChips wire={wire} side={side} />
        <h2 className={textCss.cardTitle}>
          {blocked ? words.nothingFitsThisWire : set ? set.contactName : words.oneMoment}
        </h2>
        {type && (
          <p>
            {type.name}, <span className={textCss.mono}>{mm(wire.insulationMm ?? type.insulationMm)}</span>{' '}
            {words.overInsulation}
            {wire.insulationMm !== undefined && ' (measured)'}
            {wire.currentA !== undefined && (
              <>
                , <span className={textCss.mono}>{amps(wire.currentA)}</span>
              </>
            )}
          </p>
        )}
        {set && (
          <Table>
            <Table.Tbody>
              <Table.Tr>
                <Table.Td>{words.conductor}</Table.Td>
                <Table.Td className={clsx(textCss.figure, textCss.good)}>✓ {contactRange(set)}</Table.Td>
              </Table.Tr>
              <Table.Tr>
                <Table.Td>{words.strip}</Table.Td>
                <Table.Td className={textCss.figure}>
                  {words.toMm(set.set.strip.minMm.toFixed(1), set.set.strip.maxMm.toFixed(1))}
                </Table.Td>
              </Table.Tr>
              {set.set.height && (
                <Table.Tr>
                  <Table.Td>{words.heightEstimated(set.set.height.estimate)}</Table.Td>
                  <Table.Td className={textCss.figure}>
                    {words.wordsBetween(set.set.height.minMm.toFixed(2), set.set.height.maxMm.toFixed(2))}
                  </Table.Td>
                </Table.Tr>
              )}
              <Table.Tr>
                <Table.Td>{words.pull}</Table.Td>
                <Table.Td className={textCss.figure}>
                  {set.set.pull ? `≥ ${set.set.pull.forceN} N` : words.notInTable}
                </Table.Td>
              </Table.Tr>
            </Table.Tbody>
          </Table>
        )}
        {remedy && (
          <Button variant="filled" onClick={act} disabled={busy}>
            <span>{words.use(remedy.name)}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {set && (
          <Button variant="filled" onClick={act} disabled={busy || isChosen}>
            <span>{isChosen ? words.thisSetIsChosen : words.chooseThisSet}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {measuring ? (
          <MeasureInsulation
            now={wire.insulationMm ?? type?.insulationMm ?? 1}
            cancel={() => setMeasuring(false)}
            save={(insulationMm) => {
              setMeasuring(false)
              void write((asking) => changeWire({ ...asking, wire: wireId, insulationMm }))
            }}
          />
        ) : (
          <Button onClick={() => setMeasuring(true)}>
            <span>{words.measureWireAgain}</span> <Kbd aria-hidden="true">M</Kbd>
          </Button>
        )}
        <Button onClick={() => show('whole')}>
          <span>{words.chooseForWholeJob}</span> <Kbd aria-hidden="true">W</Kbd>
        </Button>
        <div className={paneCss.two}>
          <Button onClick={() => show('parts')}>
            <span>{words.parts}</span> <Kbd aria-hidden="true">P</Kbd>
          </Button>
          <Button onClick={() => show('tools')}>
            <span>{words.tools}</span> <Kbd aria-hidden="true">B</Kbd>
          </Button>
        </div>
        {set &&
          [...set.notes, ...set.unchecked].map((note) => (
            <p key={note} className={clsx(noteCss.note, noteCss.caution)}>
              ◆ {note}
            </p>
          ))}
        <div className={paneCss.sources}>
          {set && <span>{words.setting(set.set.source)}</span>}
          {set && <span>{words.stripSheetsOwnLength(set.set.stripFrom === 'sheet')}</span>}
          {set?.set.pull && <span>{words.pullCheckAgainstYour(pullSource(set.set.pull))}</span>}
          <span>{words.makersSheetAlwaysWins}</span>
        </div>
      </aside>
    </>
  )

  function contactRange(one: KitSet) {
    const contact = state.facts.contacts[one.set.contact]
    return contact ? words.between(contact.conductor.minMm2, contact.conductor.maxMm2) : one.set.contact
  }
}

const pullSource = (pull: NonNullable<KitSet['set']['pull']>) =>
  pull.basis === 'sheet'
    ? words.contactsOwnSheet
    : pull.basis === 'table'
      ? `table ${pull.table ?? ''}`
      : words.generalFigureOfNo(pull.table ?? 'a table')

function MeasureInsulation({
  now,
  save,
  cancel,
}: {
  readonly now: number
  readonly save: (mm: number) => void
  readonly cancel: () => void
}) {
  const [text, setText] = useState(String(now))
  const read = parseQuantity(text, 'length')
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (read.ok) save(Math.round(read.value * 100) / 100)
      }}
    >
      <TextInput
        label={words.overInsulationThreeTurns}
        value={text}
        autoFocus
        inputMode="decimal"
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && cancel()}
        error={!read.ok}
      />
      {!read.ok && <span className={textCss.wrong}>{quantityWords(read.fault, 'length')}</span>}
      <Button type="submit" disabled={!read.ok}>
        <span>{words.useThisFigure}</span> <Kbd aria-hidden="true">Enter</Kbd>
      </Button>
    </form>
  )
}
