import { Anchor, Table } from '@mantine/core'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { HeadRow } from '@/ui/table/HeadRow'
import type { CalliperFigure } from '@/core/parts/identify/identify'
import { figure, areaRangeSaid, mm, range } from '@/words/figures'
import { identifyPaneWords as words } from '@/words/screens/shelf/identifyPane'
import paneCss from '@/ui/pane/pane.module.css'
import { Both } from '@/ui/text/Both'
import textCss from '@/ui/text/text.module.css'
import type { Identified } from './actions'
import { Bands } from './Bands'
import styles from './IdentifyMatches.module.css'

export const figureWords: Readonly<Record<CalliperFigure, string>> = {
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

/** Contacts that agree with what was seen and measured, the likeliest first. */
export function Matches({ found }: { readonly found: Identified['found'] }) {
  return (
    <section className={clsx(paneCss.panel, paneCss.fixed)} aria-label={words.matches}>
      <Table>
        <HeadRow
          names={[words.bestFirst, words.what, words.family, words.bands, words.likeness, words.measuredOnItsSheet]}
        />
        <Table.Tbody>
          {found.map((one, i) => (
            <Table.Tr key={one.id} className={i === 0 ? styles.likeliest : undefined}>
              <Table.Td className={textCss.figure}>
                <b>{one.id}</b>
              </Table.Td>
              <Table.Td>
                {one.name}
                {one.aliases.length > 0 && (
                  <span className={clsx(textCss.small, textCss.dim, textCss.mono, textCss.block)}>
                    {words.also(one.aliases)}
                  </span>
                )}
              </Table.Td>
              <Table.Td>{one.family}</Table.Td>
              <Table.Td>
                {one.bands.length > 0 ? <Bands bands={one.bands} /> : <span className={textCss.dim}>{words.none}</span>}
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
  )
}

/** Where the likeliest one leads: by which tool and setting it is crimped, wire by wire. */
export function LeadsTo({ found }: { readonly found: Identified }) {
  const [first] = found.found
  if (!first) return null
  return (
    <section className={clsx(paneCss.panel, paneCss.fixed)} aria-label={words.howItIsCrimped(first.id)}>
      <div className={paneCss.panelHead}>
        <b>{words.howItIsCrimped(first.id)}</b>
      </div>
      {found.settings.length === 0 ? (
        <p className={clsx(textCss.caution, styles.none)}>◆ {words.noCardHasIt}</p>
      ) : (
        <Table>
          <HeadRow names={[words.wire, words.tool, words.set, words.strip]} />
          <Table.Tbody>
            {found.settings.map((row, i) => (
              <Table.Tr key={i}>
                <Table.Td className={textCss.figure}>
                  <Both said={areaRangeSaid(row.minMm2, row.maxMm2)} />
                </Table.Td>
                <Table.Td className={textCss.figure}>
                  <Anchor
                    component={Link}
                    href={`/crib?tool=${encodeURIComponent(row.tool)}&contact=${encodeURIComponent(first.id)}`}
                  >
                    {row.tool}
                  </Anchor>
                  {!row.inCrib && <span className={textCss.caution}> ◆ {words.notInCrib}</span>}
                </Table.Td>
                <Table.Td className={textCss.figure}>{row.set.join(' · ')}</Table.Td>
                <Table.Td className={textCss.figure}>
                  {row.strip ? range(row.strip.minMm, row.strip.maxMm) : '–'}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </section>
  )
}

/** What tells the likeliest ones apart: what to look at or to measure next. */
export function TellsApart({ found }: { readonly found: Identified }) {
  return (
    <section className={clsx(paneCss.panel, paneCss.fixed)} aria-label={words.whatTellsThemApart}>
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
  )
}
