'use client'
import { plausible } from '@/core/base/units/plausible'
import { wireFactsWords as words } from '@/words/screens/shelf/wireFacts'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import styles from './WireFacts.module.css'
import textCss from '@/ui/text/text.module.css'
import { Checkbox, TextInput } from '@mantine/core'
import { useState } from 'react'
import { parseQuantity, saidGauge } from '@/core/base/units/parseQuantity'
import { wireSize, type WireMeasure } from '@/core/base/wire/wireSize'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { figure } from '@/words/figures'
import { quantityWords } from '@/words/quantity'

/** How a wire can be known. */
const ways = {
  printed: words.printedSize,
  strands: words.strands,
  strand: words.oneStrand,
  bare: words.overBareMetal,
} as const
type Said = Readonly<Record<keyof typeof ways, string>>
const empty: Said = { printed: '', strands: '', strand: '', bare: '' }

/** What was said as a measure: the first way that has a figure; a sentence when it cannot be read. */
function measureOf(said: Said): { readonly measure?: WireMeasure; readonly wrong?: string } {
  const length = (text: string) => parseQuantity(text, 'length', { plausible: plausible.insulationMm })
  if (said.printed.trim() !== '') {
    const area = parseQuantity(said.printed, 'area')
    const awg = saidGauge(said.printed)
    if (!area.ok) return { wrong: quantityWords(area.fault, 'area') }
    return { measure: awg === undefined ? { areaMm2: area.value } : { awg } }
  }
  if (said.strands.trim() !== '' || said.strand.trim() !== '') {
    const strands = Number(said.strands)
    const strand = length(said.strand)
    if (!Number.isInteger(strands) || strands < 1) return { wrong: words.countStrandsWholeNumber }
    return strand.ok
      ? { measure: { strands, strandMm: strand.value } }
      : { wrong: words.oneStrandRead(quantityWords(strand.fault, 'length')) }
  }
  if (said.bare.trim() === '') return {}
  const bare = length(said.bare)
  return bare.ok ? { measure: { bareDiameterMm: bare.value } } : { wrong: quantityWords(bare.fault, 'length') }
}

/** What a wire is, by gauge, by mm², by its strands, or by callipers: whichever is at hand. */
export function WireFacts() {
  const [said, setSaid] = useState(empty)
  const [solid, setSolid] = useState(false)
  const { measure, wrong } = measureOf(said)
  const size = measure && wireSize(measure, { stranded: !solid, temperatureC: 20 })
  const field = (id: keyof Said, hint: string) => (
    <TextInput
      label={ways[id]}
      value={said[id]}
      placeholder={hint}
      onChange={(event) =>
        setSaid({
          ...empty,
          ...((id === 'strands' || id === 'strand') && { strands: said.strands, strand: said.strand }),
          [id]: event.target.value,
        })
      }
    />
  )
  return (
    <section className={clsx(paneCss.panel, styles.wireFacts)} aria-label={words.whatWireIsThis}>
      <div className={styles.wireFactsSaid}>
        <h3 className={textCss.cardTitle}>
          {words.whatWireIsThis} <span className={clsx(textCss.dim, styles.light)}>{words.oneOfTheseIs}</span>
        </h3>
        {field('printed', '20 awg, 0.5 mm2')}
        {field('strands', '19')}
        {field('strand', '0.2 mm')}
        {field('bare', '0.9 mm')}
        <Checkbox label={words.solidNotStranded} checked={solid} onChange={(event) => setSolid(event.target.checked)} />
      </div>
      <Readouts>
        <Readout label={words.metal} value={size ? figure(size.areaMm2, 3) : '–'} unit="mm²" />
        <Readout
          label={words.nearestGauge}
          value={size?.nearestAwg ?? '–'}
          unit="AWG"
          also={size && `${size.offByPercent < 0 ? '−' : '+'}${figure(Math.abs(size.offByPercent), 0)} %`}
        />
        <Readout
          label={solid ? words.bare : words.bareBundle}
          value={size ? figure(size.bundleDiameterMm ?? size.solidDiameterMm, 2) : '–'}
          unit="mm"
        />
        <Readout label={words.atC} value={size ? figure(size.ohmPerM * 1000, 1) : '–'} unit="mΩ/m" />
      </Readouts>
      {wrong !== undefined && (
        <p className={clsx(textCss.wrong, styles.padded)} role="alert">
          ▲ {wrong}
        </p>
      )}
      {said.bare !== '' && !solid && size && (
        <p className={clsx(textCss.small, textCss.dim, styles.bundleIsTakenTo)}>{words.bundleIsTakenTo}</p>
      )}
    </section>
  )
}
