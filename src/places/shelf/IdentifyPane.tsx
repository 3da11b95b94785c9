'use client'
import { plausible } from '@/core/base/units/plausible'
import { identifyPaneWords as words } from '@/words/screens/shelf/identifyPane'
import { Button, TextInput } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useEffect, useState } from 'react'
import { bandColours } from '@/core/parts/identify/bands'
import { type CalliperFigure, calliperFigures } from '@/core/parts/identify/identify'
import { bareUnit } from '@/words/benchUnits'
import { understoodAs } from '@/words/quantity'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { wireColours } from '@/core/base/wire/colour'
import { type Identified, identifyContact } from './actions'
import { Bands } from './Bands'
import { LeadsTo, Matches, TellsApart, figureWords } from './IdentifyMatches'
import { IdentifyHousing } from './IdentifyHousing'
import ownCss from './IdentifyPane.module.css'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './Bands.module.css'
import noteCss from '@/ui/note/note.module.css'

const none = { overallMm: '', barrelOuterMm: '', barrelBoreMm: '', matingMm: '', wingWidthMm: '' }

/** What is this one? By colour bands as they are seen, from either end, or by what callipers find. */
export function IdentifyPane() {
  const [bands, setBands] = useState<readonly number[]>([])
  const [text, setText] = useState<Readonly<Record<CalliperFigure, string>>>(none)
  const [found, setFound] = useState<Identified>()
  const calliperHelp = { plausible: plausible.partMm, unit: bareUnit('length') }
  const readings = calliperFigures.map(
    (id) => [id, text[id].trim() === '' ? undefined : parseQuantity(text[id], 'length', calliperHelp)] as const,
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
        <section className={clsx(paneCss.panel, ownCss.colourBands)} aria-label={words.colourBands}>
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
        <section className={clsx(paneCss.panel, ownCss.callipers)} aria-label={words.callipers}>
          <p className={ownCss.orWhatCallipersSay}>
            <b>{words.orWhatCallipersSay}</b> <span className={textCss.dim}>{words.asManyAsYou}</span>
          </p>
          <div className={paneCss.housingForm}>
            {readings.map(([id, read]) => (
              <TextInput
                key={id}
                label={figureWords[id]}
                value={text[id]}
                description={understoodAs(text[id], 'length', calliperHelp)}
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
      {found && found.found.length > 0 && <Matches found={found.found} />}
      {found && <LeadsTo found={found} />}
      {found && found.differences.length > 0 && <TellsApart found={found} />}
      <IdentifyHousing />
    </>
  )
}
