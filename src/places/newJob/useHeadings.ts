import { useEffect, useState } from 'react'
import { guessHeadings } from '@/core/record/grid/guessHeadings'
import { type ColumnId, matchHeadings, pinoutColumns } from '@/core/record/grid/pinoutColumns'

/** What this bench was told its headings mean: each by its words, the column that it is, or nought for one that is not read. */
type Told = Readonly<Record<string, ColumnId | ''>>

const KEY = 'urn-headings'
const plain = (heading: string) => heading.trim().toLowerCase()

function kept(): Told {
  try {
    const said = JSON.parse(localStorage.getItem(KEY) ?? '{}') as unknown
    if (typeof said !== 'object' || said === null) return {}
    return Object.fromEntries(
      Object.entries(said).filter(
        (one): one is [string, ColumnId | ''] =>
          one[1] === '' || (typeof one[1] === 'string' && one[1] in pinoutColumns),
      ),
    )
  } catch {
    return {}
  }
}

/** So many rows are looked at for a guess, and so much of the text is read for them. */
const LOOKED_AT = 6
const READ_CHARS = 20_000

/** A heading that names no column, and what it is taken for. */
export interface NamedHeading {
  readonly heading: string
  readonly column: ColumnId | undefined
  /** nobody has said so */
  readonly guessed: boolean
}

interface Headings {
  readonly csv: string
  readonly told: Told
  readonly text: string
  readonly own: readonly NamedHeading[]
}

/**
 * The headings of a pinout that are this bench's own words: what each means is guessed, told by hand, and remembered.
 * @returns the pinout as the bench reads it: with its headings called as the columns are
 */
export function useHeadings(csv: string): {
  readonly text: string
  /** it is what is typed by now; a moment later than the last key it is not */
  readonly isNow: boolean
  readonly own: readonly NamedHeading[]
  readonly tell: (heading: string, column: ColumnId | '') => void
} {
  const [told, setTold] = useState<Told>({})
  const [read, setRead] = useState<Headings>()
  useEffect(() => setTold(kept()), [])
  useEffect(() => {
    let left = false
    const look = async () => {
      const [{ headingsOf, renameHeadings }, { default: Papa }, { readSeparator }] = await Promise.all([
        import('@/formats/pinout/headings'),
        import('papaparse'),
        import('@/core/base/cells/separator'),
      ])
      const head = headingsOf(csv)
      const { unknown } = matchHeadings(head)
      const { separator, body } = readSeparator(csv)
      const rows =
        unknown.length === 0
          ? []
          : Papa.parse<string[]>(body.slice(0, READ_CHARS), {
              delimiter: separator,
              preview: LOOKED_AT + 1,
            }).data.slice(1)
      const guess = guessHeadings(head, rows)
      const own = unknown.map((heading): NamedHeading => {
        const said = told[plain(heading)]
        const column = said ?? guess[heading]
        return { heading, column: column === '' ? undefined : column, guessed: said === undefined }
      })
      const names = new Map(own.map(({ heading, column }) => [heading, column && pinoutColumns[column].heading]))
      if (!left) setRead({ csv, told, text: renameHeadings(csv, (heading) => names.get(heading.trim())), own })
    }
    // what reads headings did not come: they are taken as they are written
    const asWritten = () => left || setRead({ csv, told, text: csv, own: [] })
    if (csv.trim() !== '') look().catch(asWritten)
    return () => {
      left = true
    }
  }, [csv, told])
  const isEmpty = csv.trim() === ''
  return {
    text: isEmpty ? '' : (read?.text ?? csv),
    isNow: read?.csv === csv && read.told === told,
    own: isEmpty ? [] : (read?.own ?? []),
    tell: (heading, column) => {
      const next = { ...told, [plain(heading)]: column }
      setTold(next)
      localStorage.setItem(KEY, JSON.stringify(next))
    },
  }
}
