'use client'
import { useEffect, useState } from 'react'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { mm } from '@/words/figures'
import { housingClueWords } from '@/words/families'
import { identifyConnector, type IdentifiedHousing } from './actions'

/** `3/4/3`, `3 4 3` or `10`: how many cavities in each row. */
const readCounts = (text: string): readonly number[] | undefined => {
  const parts = text.trim().split(/[\s/,+]+/)
  return parts.every((part) => /^\d{1,3}$/.test(part)) && parts.length <= 50 ? parts.map(Number) : undefined
}

/** Which connector is this? By what can be counted and measured on its face. */
export function IdentifyHousing() {
  const [ways, setWays] = useState('')
  const [pitch, setPitch] = useState('')
  const [mark, setMark] = useState('')
  const [shape, setShape] = useState('')
  const [found, setFound] = useState<readonly IdentifiedHousing[]>()
  const counts = ways.trim() === '' ? undefined : readCounts(ways)
  const read = pitch.trim() === '' ? undefined : parseQuantity(pitch, 'length')
  const asked =
    counts &&
    JSON.stringify({
      counts,
      ...(read?.ok && { pitchMm: read.value }),
      ...(mark !== '' && { mark }),
      ...(shape !== '' && { round: shape === 'round' }),
    })
  useEffect(() => {
    if (asked === undefined) {
      setFound(undefined)
      return
    }
    let late = false
    void identifyConnector(JSON.parse(asked) as Parameters<typeof identifyConnector>[0]).then(
      (answer) => !late && setFound(answer),
      () => undefined,
    )
    return () => {
      late = true
    }
  }, [asked])
  return (
    <section className="sheet" style={{ padding: 14, flex: 'none' }} aria-label="A connector">
      <p style={{ marginBottom: 8 }}>
        <b>Or a connector</b> <span className="dim">by what can be counted and measured on its face</span>
      </p>
      <div className="housing-form">
        <label className="field">
          Cavities in each row
          <input
            value={ways}
            placeholder="3/4/3"
            inputMode="numeric"
            aria-invalid={ways.trim() !== '' && counts === undefined}
            onChange={(event) => setWays(event.target.value)}
          />
        </label>
        <label className="field">
          Pitch, middle to middle
          <input
            value={pitch}
            placeholder="2.4 mm"
            inputMode="decimal"
            aria-invalid={read !== undefined && !read.ok}
            onChange={(event) => setPitch(event.target.value)}
          />
        </label>
        <label className="field">
          Mark
          <select value={mark} onChange={(event) => setMark(event.target.value)}>
            <option value="">not seen</option>
            {['chamfer', 'notch', 'key', 'rib'].map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          Shape
          <select value={shape} onChange={(event) => setShape(event.target.value)}>
            <option value="">any</option>
            <option value="round">round</option>
            <option value="straight">with straight sides</option>
          </select>
        </label>
      </div>
      {ways.trim() !== '' && counts === undefined && (
        <p className="small fault">
          ▲ Say how many in each row, from the top: 3/4/3, or 10 for one row or when rows cannot be told.
        </p>
      )}
      {read && !read.ok && <p className="small fault">▲ A length is wanted, like 2.4 mm or 0.1 in.</p>}
      {found?.length === 0 && <p className="note attend">◆ No housing of the shelf has so many ways.</p>}
      {found && found.length > 0 && (
        <table className="table" style={{ marginTop: 10 }}>
          <thead>
            <tr>
              <th scope="col">best first</th>
              <th scope="col">what</th>
              <th scope="col">pitch</th>
              <th scope="col">agrees</th>
              <th scope="col">does not</th>
              <th scope="col">held, locked, sealed</th>
            </tr>
          </thead>
          <tbody>
            {found.map((one, i) => (
              <tr key={one.id} style={i === 0 ? { background: 'var(--glaze-wash)' } : undefined}>
                <td className="figure">
                  <b style={{ fontSize: i === 0 ? 20 : undefined }}>{one.id}</b>
                </td>
                <td>{one.name}</td>
                <td className="figure">{one.pitchMm === undefined ? '–' : mm(one.pitchMm)}</td>
                <td className="good">✓ {one.agrees.map((clue) => housingClueWords[clue]).join(', ')}</td>
                <td className={one.contradicts.length > 0 ? 'caution' : 'dim'}>
                  {one.contradicts.length > 0
                    ? `◆ ${one.contradicts.map((clue) => housingClueWords[clue]).join(', ')}`
                    : 'nothing'}
                </td>
                <td className="small">{one.facts}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
