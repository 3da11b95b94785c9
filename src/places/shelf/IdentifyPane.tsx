'use client'
import { useEffect, useState } from 'react'
import { bandColours } from '@/core/parts/identify/bands'
import { calliperFigures, type CalliperFigure } from '@/core/parts/identify/identify'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { wireColours } from '@/core/base/wire/colour'
import { figure, mm } from '@/words/figures'
import { identifyContact, type Identified } from './actions'
import { Bands } from './Bands'
import { IdentifyHousing } from './IdentifyHousing'

const figureWords: Readonly<Record<CalliperFigure, string>> = {
  overallMm: 'Overall length',
  barrelOuterMm: 'Barrel, outside',
  barrelBoreMm: 'Barrel, bore',
  matingMm: 'Mating part',
  wingWidthMm: 'Over the wings',
}
const byWords: Readonly<Record<string, string>> = {
  ...figureWords,
  plating: 'plating',
  conductor: 'takes',
  gender: 'gender',
  bin: 'bands',
  construction: 'made',
}
const none = { overallMm: '', barrelOuterMm: '', barrelBoreMm: '', matingMm: '', wingWidthMm: '' }

/** What is this one? By colour bands as they are seen, from either end, or by what callipers find. */
export function IdentifyPane() {
  const [bands, setBands] = useState<readonly number[]>([])
  const [text, setText] = useState<Readonly<Record<CalliperFigure, string>>>(none)
  const [found, setFound] = useState<Identified>()
  const readings = calliperFigures.map(
    (id) => [id, text[id].trim() === '' ? undefined : parseQuantity(text[id], 'length')] as const,
  )
  const asked = JSON.stringify({
    bands: bands.map((digit) => bandColours[digit]?.name ?? ''),
    measured: Object.fromEntries(readings.flatMap(([id, read]) => (read?.ok ? [[id, read.value]] : []))),
  })
  useEffect(() => {
    let late = false
    void identifyContact(
      JSON.parse(asked) as { bands: string[]; measured: Partial<Record<CalliperFigure, number>> },
    ).then(
      (answer) => !late && setFound(answer),
      () => undefined,
    )
    return () => {
      late = true
    }
  }, [asked])
  return (
    <>
      <h2 className="page-title">What is this one?</h2>
      <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 14, flex: 'none' }}>
        <section className="sheet" style={{ padding: 14 }} aria-label="Colour bands">
          <p style={{ marginBottom: 8 }}>
            <b>Its colour bands</b> <span className="dim">in their order; it is read from the other end too</span>
          </p>
          <div style={{ display: 'flex', flexWrap: 'wrap', gap: 6 }}>
            {bandColours.map((band) => (
              <button
                key={band.digit}
                type="button"
                className="choice"
                style={{ display: 'inline-flex', width: 'auto', gap: 6, alignItems: 'center', minHeight: 40 }}
                onClick={() => setBands((now) => (now.length < 4 ? [...now, band.digit] : now))}
              >
                <i className="band" aria-hidden="true" style={{ background: wireColours[band.code].tint }} />{' '}
                {band.name}
              </button>
            ))}
          </div>
          <p style={{ marginTop: 10, minHeight: 44, display: 'flex', gap: 10, alignItems: 'center' }} role="status">
            {bands.length === 0 ? (
              <span className="dim">No band yet.</span>
            ) : (
              <Bands bands={bands.flatMap((digit) => bandColours[digit] ?? [])} />
            )}
            {bands.length > 0 && <b className="mono">{bands.join('')}</b>}
            {bands.length > 0 && (
              <button
                type="button"
                className="act-button"
                style={{ width: 'auto', minHeight: 40 }}
                onClick={() => setBands([])}
              >
                <span>Begin again</span>
              </button>
            )}
          </p>
        </section>
        <section className="sheet" style={{ padding: 14 }} aria-label="Callipers">
          <p style={{ marginBottom: 8 }}>
            <b>Or what callipers say</b> <span className="dim">as many as you can reach</span>
          </p>
          <div className="housing-form">
            {readings.map(([id, read]) => (
              <label key={id} className="field">
                {figureWords[id]}
                <input
                  value={text[id]}
                  inputMode="decimal"
                  aria-invalid={read && !read.ok}
                  onChange={(event) => setText((now) => ({ ...now, [id]: event.target.value }))}
                />
              </label>
            ))}
          </div>
          {readings.some(([, read]) => read && !read.ok) && (
            <p className="small fault">▲ A length is wanted, like 17.8 mm or 0.7 in.</p>
          )}
        </section>
      </div>
      {found && found.readings.length > 0 && found.found.length === 0 && (
        <p className="note attend" style={{ flex: 'none' }}>
          ◆ No contact of the shelf carries {found.readings.map((one) => one.bin).join(' or ')}.
        </p>
      )}
      {found && found.found.length > 0 && (
        <section className="sheet" style={{ flex: 'none' }} aria-label="Matches">
          <table className="table">
            <thead>
              <tr>
                <th scope="col">best first</th>
                <th scope="col">what</th>
                <th scope="col">family</th>
                <th scope="col">bands</th>
                <th scope="col">likeness</th>
                <th scope="col">measured, on its sheet</th>
              </tr>
            </thead>
            <tbody>
              {found.found.map((one, i) => (
                <tr key={one.id} style={i === 0 ? { background: 'var(--glaze-wash)' } : undefined}>
                  <td className="figure">
                    <b style={{ fontSize: i === 0 ? 20 : undefined }}>{one.id}</b>
                  </td>
                  <td>{one.name}</td>
                  <td>{one.family}</td>
                  <td>{one.bands.length > 0 ? <Bands bands={one.bands} /> : <span className="dim">none</span>}</td>
                  <td className="figure">{figure(one.likeness * 100, 0)} %</td>
                  <td className="figure">
                    {one.figures.map((f) => (
                      <span
                        key={f.figure}
                        style={{ display: 'block' }}
                        className={f.within ? 'good' : f.sheetMm === undefined ? 'dim' : 'caution'}
                      >
                        {f.within ? '✓' : f.sheetMm === undefined ? '–' : '◆'} {mm(f.measuredMm)},{' '}
                        {f.sheetMm === undefined ? 'not on its sheet' : mm(f.sheetMm)}
                      </span>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {found && found.differences.length > 0 && (
        <section className="sheet" style={{ flex: 'none' }} aria-label="What tells them apart">
          <table className="table">
            <thead>
              <tr>
                <th scope="col">what tells them apart</th>
                {found.found.slice(0, 4).map((one) => (
                  <th key={one.id} scope="col" className="mono">
                    {one.id}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {found.differences.map((one) => (
                <tr key={one.by}>
                  <td>{byWords[one.by]}</td>
                  {one.values.map((value, i) => (
                    <td key={i} className="figure">
                      {value ?? <span className="dim">not on the sheet</span>}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      <IdentifyHousing />
    </>
  )
}
