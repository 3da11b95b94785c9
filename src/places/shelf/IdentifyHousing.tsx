'use client'
import { plausible } from '@/core/base/units/plausible'
import { HeadRow } from '@/ui/table/HeadRow'
import styles from './IdentifyHousing.module.css'
import { identifyHousingWords as words } from '@/words/screens/shelf/identifyHousing'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { NativeSelect, Table, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { bareUnit } from '@/words/benchUnits'
import { understoodAs } from '@/words/quantity'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { mm } from '@/words/figures'
import { housingClueWords } from '@/words/families'
import { identifyConnector, type IdentifiedHousing } from './actions'

/** `3/4/3`, `3 4 3` or `10`: how many cavities in each row. */
const readCounts = (text: string): readonly number[] | undefined => {
  const parts = text.trim().split(/[\s/,+]+/)
  return parts.every((part) => /^\d{1,3}$/.test(part)) && parts.length <= 50 ? parts.map(Number) : undefined
}

const pitchHelp = () => ({ plausible: plausible.partMm, unit: bareUnit('length') })

/** Which connector is this? By what can be counted and measured on its face. */
export function IdentifyHousing() {
  const [ways, setWays] = useState('')
  const [pitch, setPitch] = useState('')
  const [mark, setMark] = useState('')
  const [shape, setShape] = useState('')
  const [found, setFound] = useState<readonly IdentifiedHousing[]>()
  const counts = ways.trim() === '' ? undefined : readCounts(ways)
  const read = pitch.trim() === '' ? undefined : parseQuantity(pitch, 'length', pitchHelp())
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
    <section className={clsx(paneCss.panel, styles.aConnector)} aria-label={words.aConnector}>
      <p className={styles.orConnector}>
        <b>{words.orConnector}</b> <span className={textCss.dim}>{words.byWhatCanBe}</span>
      </p>
      <div className={paneCss.housingForm}>
        <TextInput
          label={words.cavitiesInEachRow}
          value={ways}
          placeholder="3/4/3"
          inputMode="numeric"
          onChange={(event) => setWays(event.target.value)}
          error={ways.trim() !== '' && counts === undefined}
        />
        <TextInput
          label={words.pitchMiddleToMiddle}
          value={pitch}
          description={understoodAs(pitch, 'length', pitchHelp())}
          placeholder={words.pitchLike}
          inputMode="decimal"
          onChange={(event) => setPitch(event.target.value)}
          error={read !== undefined && !read.ok}
        />
        <NativeSelect label={words.mark} value={mark} onChange={(event) => setMark(event.target.value)}>
          <option value="">{words.notSeen}</option>
          {['chamfer', 'notch', 'key', 'rib'].map((one) => (
            <option key={one} value={one}>
              {one}
            </option>
          ))}
        </NativeSelect>
        <NativeSelect label={words.shape} value={shape} onChange={(event) => setShape(event.target.value)}>
          <option value="">{words.any}</option>
          <option value="round">{words.round}</option>
          <option value="straight">{words.withStraightSides}</option>
        </NativeSelect>
      </div>
      {ways.trim() !== '' && counts === undefined && (
        <p className={clsx(textCss.small, textCss.fault)}>{words.sayHowManyIn}</p>
      )}
      {read && !read.ok && <p className={clsx(textCss.small, textCss.fault)}>{words.lengthIsWantedLike}</p>}
      {found?.length === 0 && <p className={clsx(noteCss.note, noteCss.attend)}>{words.noHousingOfShelf}</p>}
      {found && found.length > 0 && (
        <Table className={styles.spaced}>
          <HeadRow
            names={[words.bestFirst, words.what, words.pitch, words.agrees, words.doesNot, words.heldLockedSealed]}
          />
          <Table.Tbody>
            {found.map((one, i) => (
              <Table.Tr key={one.id} style={i === 0 ? { background: 'var(--glaze-wash)' } : undefined}>
                <Table.Td className={textCss.figure}>
                  <b style={{ fontSize: i === 0 ? 20 : undefined }}>{one.id}</b>
                </Table.Td>
                <Table.Td>{one.name}</Table.Td>
                <Table.Td className={textCss.figure}>{one.pitchMm === undefined ? '–' : mm(one.pitchMm)}</Table.Td>
                <Table.Td className={textCss.good}>
                  ✓ {one.agrees.map((clue) => housingClueWords[clue]).join(', ')}
                </Table.Td>
                <Table.Td className={one.contradicts.length > 0 ? textCss.caution : textCss.dim}>
                  {one.contradicts.length > 0
                    ? `◆ ${one.contradicts.map((clue) => housingClueWords[clue]).join(', ')}`
                    : 'nothing'}
                </Table.Td>
                <Table.Td className={textCss.small}>{one.facts}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </section>
  )
}
