'use client'
import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import type { Cable, Pack, WireType } from '@/core/parts/catalogue/types'
import type { SheetRow } from '@/core/parts/sheets/sheet'
import { readWireRows, wireRow, wireSheet } from '@/core/parts/sheets/wireSheet'
import { useKeys } from '@/ui/keys/KeyProvider'
import { SheetGrid } from '@/ui/sheet/SheetGrid'
import { Swatch } from '@/ui/wire/Swatch'
import { figure, mm, plural } from '@/words/figures'
import { sheetProblemWords } from '@/words/sheets'
import { saveWires } from './actions'
import { WireFacts } from './WireFacts'

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
      <h2 className="page-title">Wire, cable and packs</h2>
      <WireFacts />
      <NewWires rows={draft} setRows={setDraft} known={wireTypes} />
      <section className="sheet" style={{ flex: 'none' }}>
        <table className="table">
          <thead>
            <tr>
              <th scope="col">wire</th>
              <th scope="col">what</th>
              <th scope="col">printed</th>
              <th scope="col">strands</th>
              <th scope="col">metal</th>
              <th scope="col">insulation</th>
              <th scope="col">carries</th>
              <th scope="col">source</th>
              <th scope="col">
                <span className="hidden">Change</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {wireTypes.map((type) => (
              <tr key={type.id}>
                <td className="figure">
                  <b>{type.id}</b>
                </td>
                <td>
                  {type.name}
                  {type.plated && <span className="dim"> plated</span>}
                </td>
                <td className="figure">{size(type)}</td>
                <td className="figure">
                  {type.strands} × {type.strandMm}
                </td>
                <td className="figure">{figure((type.strands * Math.PI * type.strandMm ** 2) / 4, 3)} mm²</td>
                <td className="figure">
                  {mm(type.insulationMm)} {type.insulation}
                </td>
                <td className="figure">
                  {type.ratedA === undefined ? 'not on the sheet' : `${String(type.ratedA)} A`}
                </td>
                <td className="small dim">
                  {type.source.document}
                  {type.source.basis !== 'sheet' && ` (${type.source.basis})`}
                </td>
                <td>
                  <button
                    type="button"
                    className="link-button"
                    onClick={() => setDraft((now) => [...now.filter((row) => row.id !== type.id), wireRow(type)])}
                  >
                    Change<span className="hidden"> {type.id}</span>
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section className="sheet" style={{ flex: 'none' }}>
        <table className="table">
          <thead>
            <tr>
              <th scope="col">cable</th>
              <th scope="col">what</th>
              <th scope="col">jacket</th>
              <th scope="col">screen</th>
              <th scope="col">cores</th>
            </tr>
          </thead>
          <tbody>
            {cables.map((cable) => (
              <tr key={cable.id}>
                <td className="figure">
                  <b>{cable.id}</b>
                </td>
                <td>{cable.name}</td>
                <td className="figure">
                  {mm(cable.jacketMm)}
                  {cable.flat && ' flat'}
                </td>
                <td>{cable.screen.replaceAll('-', ' ')}</td>
                <td>
                  <span style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
                    {cable.cores.map((core, i) => (
                      <span key={i}>
                        <Swatch colour={core.colour} width={20} /> <span className="mono dim">{core.type}</span>
                      </span>
                    ))}
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section className="sheet" style={{ flex: 'none' }}>
        <table className="table">
          <thead>
            <tr>
              <th scope="col">pack</th>
              <th scope="col">form</th>
              <th scope="col">holds</th>
              <th scope="col">price</th>
            </tr>
          </thead>
          <tbody>
            {packs.map((pack) => (
              <tr key={pack.id}>
                <td className="figure">
                  <b>{pack.id}</b>
                </td>
                <td>{pack.form}</td>
                <td className="figure">
                  {pack.contents.map((content) => `${String(content.count)} × ${content.part}`).join(', ')}
                </td>
                <td className="figure">{pack.price === undefined ? 'not known' : figure(pack.price, 2)}</td>
              </tr>
            ))}
          </tbody>
        </table>
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
      () =>
        ({ ok: false, message: 'The bench does not answer. Nothing was written; what you typed is kept.' }) as const,
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
        <label className="field">
          Figures from
          <input
            value={document}
            placeholder="reel label, sheet, callipers"
            onChange={(event) => setDocument(event.target.value)}
          />
        </label>
        <label style={{ display: 'flex', gap: 8, alignItems: 'center', minHeight: 40 }}>
          <input type="checkbox" checked={measured} onChange={(event) => setMeasured(event.target.checked)} /> measured
          here
        </label>
        <button type="button" className="act-button main" style={{ width: 'auto' }} onClick={() => void save()}>
          <span>
            {reading.wireTypes.length === 0
              ? 'Put them on the rack'
              : `Put ${plural(reading.wireTypes.length, 'wire')} on the rack`}
            {changes > 0 && `, ${String(changes)} changed`}
          </span>{' '}
          <kbd aria-hidden="true">Ctrl S</kbd>
        </button>
      </div>
      {message && (
        <p className={`note ${message.good ? '' : 'fault'}`} role="status" style={{ flex: 'none' }}>
          {message.good ? '✓' : '▲'} {message.text}
        </p>
      )}
    </>
  )
}
