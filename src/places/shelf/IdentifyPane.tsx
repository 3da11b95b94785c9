'use client'
import ownCss from './IdentifyPane.module.css'
import { identifyPaneWords as words } from '@/words/screens/shelf/identifyPane'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './Bands.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, Table, TextInput } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
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
  overallMm: words.overallLength,
  barrelOuterMm: words.barrelOutside,
  barrelBoreMm: words.barrelBore,
  matingMm: words.matingPart,
  wingWidthMm: words.overWings,
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
      <h2 className={paneCss.pageTitle}>{words.whatIsThisOne}</h2>
      <div className={ownCss.columns}>
        <section className={clsx(paneCss.sheet, ownCss.colourBands)} aria-label={words.colourBands}>
          <p className={ownCss.itsColourBands}>
            <b>{words.itsColourBands}</b> <span className={textCss.dim}>{words.inTheirOrderIt}</span>
          </p>
          <div className={ownCss.row}>
            {bandColours.map((band) => (
              <Choice
                key={band.digit}
                onClick={() => setBands((now) => (now.length < 4 ? [...now, band.digit] : now))}
                inline
              >
                <i className={styles.band} aria-hidden="true" style={{ background: wireColours[band.code].tint }} />{' '}
                {band.name}
              </Choice>
            ))}
          </div>
          <p className={ownCss.noBandYet} role="status">
            {bands.length === 0 ? (
              <span className={textCss.dim}>{words.noBandYet}</span>
            ) : (
              <Bands bands={bands.flatMap((digit) => bandColours[digit] ?? [])} />
            )}
            {bands.length > 0 && <b className={textCss.mono}>{bands.join('')}</b>}
            {bands.length > 0 && (
              <Button fullWidth={false} onClick={() => setBands([])}>
                <span>{words.beginAgain}</span>
              </Button>
            )}
          </p>
        </section>
        <section className={clsx(paneCss.sheet, ownCss.callipers)} aria-label={words.callipers}>
          <p className={ownCss.orWhatCallipersSay}>
            <b>{words.orWhatCallipersSay}</b> <span className={textCss.dim}>{words.asManyAsYou}</span>
          </p>
          <div className={paneCss.housingForm}>
            {readings.map(([id, read]) => (
              <TextInput
                key={id}
                label={figureWords[id]}
                value={text[id]}
                inputMode="decimal"
                onChange={(event) => setText((now) => ({ ...now, [id]: event.target.value }))}
                error={read && !read.ok}
              />
            ))}
          </div>
          {readings.some(([, read]) => read && !read.ok) && (
            <p className={clsx(textCss.small, textCss.fault)}>{words.lengthIsWantedLike}</p>
          )}
        </section>
      </div>
      {found && found.readings.length > 0 && found.found.length === 0 && (
        <p className={clsx(noteCss.note, noteCss.attend, paneCss.fixed)}>
          {words.noContactOfShelf(found.readings.map((one) => one.bin).join(' or '))}
        </p>
      )}
      {found && found.found.length > 0 && (
        <section className={clsx(paneCss.sheet, paneCss.fixed)} aria-label={words.matches}>
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th scope="col">{words.bestFirst}</Table.Th>
                <Table.Th scope="col">{words.what}</Table.Th>
                <Table.Th scope="col">{words.family}</Table.Th>
                <Table.Th scope="col">{words.bands}</Table.Th>
                <Table.Th scope="col">{words.likeness}</Table.Th>
                <Table.Th scope="col">{words.measuredOnItsSheet}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {found.found.map((one, i) => (
                <Table.Tr key={one.id} style={i === 0 ? { background: 'var(--glaze-wash)' } : undefined}>
                  <Table.Td className={textCss.figure}>
                    <b style={{ fontSize: i === 0 ? 20 : undefined }}>{one.id}</b>
                  </Table.Td>
                  <Table.Td>{one.name}</Table.Td>
                  <Table.Td>{one.family}</Table.Td>
                  <Table.Td>
                    {one.bands.length > 0 ? (
                      <Bands bands={one.bands} />
                    ) : (
                      <span className={textCss.dim}>{words.none}</span>
                    )}
                  </Table.Td>
                  <Table.Td className={textCss.figure}>{figure(one.likeness * 100, 0)} %</Table.Td>
                  <Table.Td className={textCss.figure}>
                    {one.figures.map((f) => (
                      <span
                        key={f.figure}
                        className={clsx(
                          f.within ? textCss.good : f.sheetMm === undefined ? textCss.dim : textCss.caution,
                          textCss.block,
                        )}
                      >
                        {f.within ? '✓' : f.sheetMm === undefined ? '–' : '◆'} {mm(f.measuredMm)},{' '}
                        {f.sheetMm === undefined ? words.notOnItsSheet : mm(f.sheetMm)}
                      </span>
                    ))}
                  </Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        </section>
      )}
      {found && found.differences.length > 0 && (
        <section className={clsx(paneCss.sheet, paneCss.fixed)} aria-label={words.whatTellsThemApart}>
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th scope="col">{words.tellsApart}</Table.Th>
                {found.found.slice(0, 4).map((one) => (
                  <Table.Th key={one.id} scope="col" className={textCss.mono}>
                    {one.id}
                  </Table.Th>
                ))}
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {found.differences.map((one) => (
                <Table.Tr key={one.by}>
                  <Table.Td>{byWords[one.by]}</Table.Td>
                  {one.values.map((value, i) => (
                    <Table.Td key={i} className={textCss.figure}>
                      {value ?? <span className={textCss.dim}>{words.notOnSheet}</span>}
                    </Table.Td>
                  ))}
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        </section>
      )}
      <IdentifyHousing />
    </>
  )
}
