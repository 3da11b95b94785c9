'use client'
import { Anchor, Button, Checkbox, Kbd, Table, TextInput } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import type { Cable, Pack, WireType } from '@/core/parts/catalogue/types'
import type { SheetRow } from '@/core/parts/sheets/sheet'
import { readWireRows, wireRow, wireSheet } from '@/core/parts/sheets/wireSheet'
import { useKeys } from '@/ui/keys/KeyProvider'
import { SheetGrid } from './SheetGrid'
import { Swatch } from '@/ui/wire/Swatch'
import { figure, mm, plural } from '@/words/figures'
import { sheetProblemWords } from '@/words/sheets'
import { saveWires } from './actions'
import { WireFacts } from './WireFacts'
import { unanswered } from '@/words/unanswered'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

const size = (type: WireType) =>
  'awg' in type.designation ? `${type.designation.awg} AWG` : `${String(type.designation.areaMm2)} mm²`

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
      <h2 className={paneCss.pageTitle}>Wire, cable and packs</h2>
      <WireFacts />
      <NewWires rows={draft} setRows={setDraft} known={wireTypes} />
      <section className={paneCss.sheet} style={{ flex: 'none' }}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">wire</Table.Th>
              <Table.Th scope="col">what</Table.Th>
              <Table.Th scope="col">printed</Table.Th>
              <Table.Th scope="col">strands</Table.Th>
              <Table.Th scope="col">metal</Table.Th>
              <Table.Th scope="col">insulation</Table.Th>
              <Table.Th scope="col">carries</Table.Th>
              <Table.Th scope="col">source</Table.Th>
              <Table.Th scope="col">
                <span className={textCss.hidden}>Change</span>
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
                  {type.plated && <span className={textCss.dim}> plated</span>}
                </Table.Td>
                <Table.Td className={textCss.figure}>{size(type)}</Table.Td>
                <Table.Td className={textCss.figure}>
                  {type.strands} × {type.strandMm}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {figure((type.strands * Math.PI * type.strandMm ** 2) / 4, 3)} mm²
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {mm(type.insulationMm)} {type.insulation}
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  {type.ratedA === undefined ? 'not on the sheet' : `${String(type.ratedA)} A`}
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
                    Change<span className={textCss.hidden}> {type.id}</span>
                  </Anchor>
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      <section className={paneCss.sheet} style={{ flex: 'none' }}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">cable</Table.Th>
              <Table.Th scope="col">what</Table.Th>
              <Table.Th scope="col">jacket</Table.Th>
              <Table.Th scope="col">screen</Table.Th>
              <Table.Th scope="col">cores</Table.Th>
            </Table.Tr>
          </Table.Thead>
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
                  <span style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
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
      <section className={paneCss.sheet} style={{ flex: 'none' }}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">pack</Table.Th>
              <Table.Th scope="col">form</Table.Th>
              <Table.Th scope="col">holds</Table.Th>
              <Table.Th scope="col">price</Table.Th>
            </Table.Tr>
          </Table.Thead>
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
                  {pack.price === undefined ? 'not known' : figure(pack.price, 2)}
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
        text: `Row ${String(fault.row + 1)}, ${wireSheet.find((column) => column.id === fault.column)?.heading ?? fault.column}: ${sheetProblemWords(fault.problem)}`,
      })
    if (reading.wireTypes.length === 0)
      return setMessage({ good: false, text: 'Type a wire first, or paste its row from a spreadsheet.' })
    if (document.trim() === '')
      return setMessage({ good: false, text: 'Say where the figures come from: a sheet, a reel’s label, “callipers”.' })
    const outcome = await saveWires(reading.wireTypes).catch(
      () => ({ ok: false, message: unanswered('Nothing was written; what you typed is kept.') }) as const,
    )
    if (outcome.ok) {
      setRows([])
      router.refresh()
    }
    return setMessage(
      outcome.ok
        ? {
            good: true,
            text: `On the rack: ${String(outcome.value.added.length)} added, ${String(outcome.value.changed.length)} changed.`,
          }
        : { good: false, text: outcome.message },
    )
  }
  useKeys([{ key: 'ctrl+s', words: 'Put the wires on the rack', run: () => void save() }])
  return (
    <>
      <SheetGrid
        label="New wire types"
        columns={wireSheet}
        rows={rows}
        problemAt={(row, column) =>
          reading.faults.find((fault) => fault.row === row && fault.column === column)?.problem
        }
        onChange={setRows}
      />
      <div style={{ display: 'flex', gap: 14, alignItems: 'end', flexWrap: 'wrap', flex: 'none' }}>
        <TextInput
          label="Figures from"
          value={document}
          placeholder="reel label, sheet, callipers"
          onChange={(event) => setDocument(event.target.value)}
        />
        <Checkbox label="measured here" checked={measured} onChange={(event) => setMeasured(event.target.checked)} />
        <Button variant="filled" fullWidth={false} onClick={() => void save()}>
          <span>
            {reading.wireTypes.length === 0
              ? 'Put them on the rack'
              : `Put ${plural(reading.wireTypes.length, 'wire')} on the rack`}
            {changes > 0 && `, ${String(changes)} changed`}
          </span>{' '}
          <Kbd aria-hidden="true">Ctrl S</Kbd>
        </Button>
      </div>
      {message && (
        <p
          className={clsx(noteCss.note, message.good ? undefined : noteCss.fault)}
          role="status"
          style={{ flex: 'none' }}
        >
          {message.good ? '✓' : '▲'} {message.text}
        </p>
      )}
    </>
  )
}
