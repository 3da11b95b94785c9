'use client'
import { HeadRow } from '@/ui/table/HeadRow'
import { wiresPaneWords as words } from '@/words/screens/shelf/wiresPane'
import { Anchor, Button, Checkbox, Kbd, Table, TextInput } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import type { Cable, Pack, WireType } from '@/core/parts/catalogue/types'
import type { SheetRow } from '@/core/parts/sheets/sheet'
import { readWireRows, wireRow, wireSheet } from '@/core/parts/sheets/wireSheet'
import { useKeys } from '@/ui/keys/KeyProvider'
import { SheetGrid } from '@/ui/sheet/SheetGrid'
import { Swatch } from '@/ui/wire/Swatch'
import { mm, money } from '@/words/figures'
import { sheetProblemWords } from '@/words/sheets'
import { saveWires } from './actions'
import { WireFacts } from './WireFacts'
import { unanswered } from '@/words/unanswered'
import styles from './WiresPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

const size = (type: WireType) =>
  'awg' in type.designation ? words.awg(type.designation.awg) : words.area(type.designation.areaMm2)

/** Wire on the rack, the cables that hold such wires, and how parts are bought. */
export function WiresPane({
  wireTypes,
  cables,
  packs,
}: {
  readonly wireTypes: readonly WireType[]
  readonly cables: readonly Cable[]
  readonly packs: readonly Pack[]
}) {
  const [draft, setDraft] = useState<readonly SheetRow[]>([])
  return (
    <>
      <h2 className={paneCss.pageTitle}>{words.wireCableAndPacks}</h2>
      <WireFacts />
      <NewWires rows={draft} setRows={setDraft} known={wireTypes} />
      <section className={clsx(paneCss.panel, paneCss.fixed)}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">{words.wire}</Table.Th>
              <Table.Th scope="col">{words.what}</Table.Th>
              <Table.Th scope="col">{words.printed}</Table.Th>
              <Table.Th scope="col">{words.strands}</Table.Th>
              <Table.Th scope="col">{words.metal}</Table.Th>
              <Table.Th scope="col">{words.insulation}</Table.Th>
              <Table.Th scope="col">{words.carries}</Table.Th>
              <Table.Th scope="col">{words.source}</Table.Th>
              <Table.Th scope="col">
                <span className={textCss.hidden}>{words.change}</span>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {wireTypes.map((type) => (
              <Table.Tr key={type.id}>
                <Table.Td className={textCss.figure}>
                  <b>{type.id}</b>
                </Table.Td>
                <Table.Td>
                  {type.name}
                  {type.plated && <span className={textCss.dim}> {words.plated}</span>}
                </Table.Td>
                <Table.Td className={textCss.figure}>{size(type)}</Table.Td>
                <Table.Td className={textCss.figure}>
                  {type.strands} × {type.strandMm}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {words.areaRead((type.strands * Math.PI * type.strandMm ** 2) / 4)}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {mm(type.insulationMm)} {type.insulation}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {type.ratedA === undefined ? words.notOnSheet : `${String(type.ratedA)} A`}
                </Table.Td>
                <Table.Td className={clsx(textCss.small, textCss.dim)}>
                  {type.source.document}
                  {type.source.basis !== 'sheet' && ` (${type.source.basis})`}
                </Table.Td>
                <Table.Td>
                  <Anchor
                    component="button"
                    type="button"
                    onClick={() => setDraft((now) => [...now.filter((row) => row.id !== type.id), wireRow(type)])}
                  >
                    {words.change}
                    <span className={textCss.hidden}> {type.id}</span>
                  </Anchor>
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      <section className={clsx(paneCss.panel, paneCss.fixed)}>
        <Table>
          <HeadRow names={[words.cable, words.what, words.jacket, words.screen, words.cores]} />
          <Table.Tbody>
            {cables.map((cable) => (
              <Table.Tr key={cable.id}>
                <Table.Td className={textCss.figure}>
                  <b>{cable.id}</b>
                </Table.Td>
                <Table.Td>{cable.name}</Table.Td>
                <Table.Td className={textCss.figure}>
                  {mm(cable.jacketMm)}
                  {cable.flat && ' flat'}
                </Table.Td>
                <Table.Td>{cable.screen.replaceAll('-', ' ')}</Table.Td>
                <Table.Td>
                  <span className={styles.row}>
                    {cable.cores.map((core, i) => (
                      <span key={i}>
                        <Swatch colour={core.colour} width={20} />{' '}
                        <span className={clsx(textCss.mono, textCss.dim)}>{core.type}</span>
                      </span>
                    ))}
                  </span>
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      <section className={clsx(paneCss.panel, paneCss.fixed)}>
        <Table>
          <HeadRow names={[words.pack, words.form, words.holds, words.price]} />
          <Table.Tbody>
            {packs.map((pack) => (
              <Table.Tr key={pack.id}>
                <Table.Td className={textCss.figure}>
                  <b>{pack.id}</b>
                </Table.Td>
                <Table.Td>{pack.form}</Table.Td>
                <Table.Td className={textCss.figure}>
                  {pack.contents.map((content) => `${String(content.count)} × ${content.part}`).join(', ')}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {pack.price === undefined ? words.notKnown : money(pack.price)}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
    </>
  )
}

/** Wire types typed or pasted, put on the rack together. One that is there already is changed; jobs keep what they pinned. */
function NewWires({
  rows,
  setRows,
  known,
}: {
  readonly rows: readonly SheetRow[]
  readonly setRows: (rows: readonly SheetRow[]) => void
  readonly known: readonly WireType[]
}) {
  const router = useRouter()
  const [document, setDocument] = useState('')
  const [measured, setMeasured] = useState(false)
  const [message, setMessage] = useState<{ readonly good: boolean; readonly text: string }>()
  const reading = useMemo(
    () => readWireRows(rows, { document: document.trim(), basis: measured ? 'measured' : 'sheet' }),
    [rows, document, measured],
  )
  const changes = reading.wireTypes.filter((type) => known.some((one) => one.id === type.id)).length
  const save = async () => {
    const [fault] = reading.faults
    if (fault)
      return setMessage({
        good: false,
        text: words.row(
          fault.row + 1,
          wireSheet.find((column) => column.id === fault.column)?.heading ?? fault.column,
          sheetProblemWords(fault.problem),
        ),
      })
    if (reading.wireTypes.length === 0) return setMessage({ good: false, text: words.typeWireFirstOr })
    if (document.trim() === '') return setMessage({ good: false, text: words.sayWhereFiguresCome })
    const outcome = await saveWires(reading.wireTypes).catch(
      () => ({ ok: false, message: unanswered(words.nothingWasWrittenWhat) }) as const,
    )
    if (outcome.ok) {
      setRows([])
      router.refresh()
    }
    return setMessage(
      outcome.ok
        ? {
            good: true,
            text: words.onRackAddedChanged(outcome.value.added.length, outcome.value.changed.length),
          }
        : { good: false, text: outcome.message },
    )
  }
  useKeys([{ key: 'ctrl+s', words: words.putWiresOnRack, run: () => void save() }])
  return (
    <>
      <SheetGrid
        label={words.newWireTypes}
        columns={wireSheet}
        rows={rows}
        problemAt={(row, column) =>
          reading.faults.find((fault) => fault.row === row && fault.column === column)?.problem
        }
        onChange={setRows}
      />
      <div className={styles.row2}>
        <TextInput
          label={words.figuresFrom}
          value={document}
          placeholder={words.reelLabelSheetCallipers}
          onChange={(event) => setDocument(event.target.value)}
        />
        <Checkbox
          label={words.measuredHere}
          checked={measured}
          onChange={(event) => setMeasured(event.target.checked)}
        />
        <Button variant="filled" fullWidth={false} onClick={() => void save()}>
          <span>
            {reading.wireTypes.length === 0 ? words.putThemOnRack : words.putOnRack(reading.wireTypes.length)}
            {changes > 0 && words.changed(changes)}
          </span>{' '}
          <Kbd aria-hidden="true">Ctrl S</Kbd>
        </Button>
      </div>
      {message && (
        <p className={clsx(noteCss.note, message.good ? undefined : noteCss.fault, paneCss.fixed)} role="status">
          {message.good ? '✓' : '▲'} {message.text}
        </p>
      )}
    </>
  )
}
