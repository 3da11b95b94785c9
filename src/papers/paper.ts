import { paperWords as words } from '@/words/screens/papers/paper'
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { Provenance } from '@/core/record/journal/recordFault'
import type { LabelSizeId } from '@/core/work/close/labelSizes'
import type { JobState } from '@/core/record/state/state'
import type { BenchSays } from '@/words/benchUnits'
import { clockOf } from '@/words/clock'
import { authorWords, copyWords, holdsWords, readInWords, recordFaultWords } from '@/words/records'

/** What every paper of a job is made from. */
export interface PaperInput {
  readonly id: string
  readonly state: JobState
  /** names of people by their ids */
  readonly people: Readonly<Record<string, string>>
  readonly madeAt: string
  /** the bench's time zone: a paper that travels names it */
  readonly zone: string
  /** what the bench's figures are said in */
  readonly says: BenchSays
  /** whether its record is whole, and where it came from */
  readonly provenance: Provenance
  /** which labels, on a sheet of them */
  readonly label?: LabelSizeId | undefined
  /** of the last entry, by which a printed sheet is told again: `118-3f9a2c41d07be512` */
  readonly code?: string | undefined
}

/** Somebody who did something at a time, as a paper names them. */
export type NameOf = (who: { readonly by: string; readonly at: string }) => string

/** What was done before a record was read in was done elsewhere, by nobody of this bench. */
export const namesOf =
  ({ people, provenance: { readIn } }: PaperInput): NameOf =>
  ({ by, at }) =>
    authorWords(by, people[by], readIn === undefined || at > readIn.at)

/** What must be known before anything on a paper is believed. */
function provenanceLines({ people, provenance: { fault, readIn, copyOf }, zone }: PaperInput): Content[] {
  const clock = clockOf(zone)
  return [
    ...(fault
      ? [{ text: `${recordFaultWords(fault)} ${holdsWords(fault)}`, bold: true, color: FAULT, margin: [0, 4, 0, 4] }]
      : []),
    ...(readIn
      ? [
          {
            text: readInWords(readIn, authorWords(readIn.by, people[readIn.by], true), clock.stamp(readIn.at)),
            color: DIM,
          },
        ]
      : []),
    ...(copyOf === undefined ? [] : [{ text: copyWords(copyOf), color: DIM }]),
  ] as Content[]
}

export const INK = '#1f1b18'
export const DIM = '#6a6058'
const FAULT = '#8e2430'
const LINE = '#ddd5c8'

const head = (text: string): TableCell => ({ text, color: DIM, fontSize: 7.5 })
export const cell = (text: string | number | undefined): TableCell => ({
  text: text === undefined ? '' : String(text),
  font: 'Mono',
  fontSize: 7.5,
})

/** A window or a figure that is never broken over two lines. */
export const figureCell = (text: string | undefined): TableCell => ({
  text: text ?? '',
  font: 'Mono',
  fontSize: 7.5,
  noWrap: true,
})

const layout = {
  hLineWidth: () => 0.5,
  vLineWidth: () => 0,
  hLineColor: () => LINE,
  paddingTop: () => 2.2,
  paddingBottom: () => 2.2,
  paddingLeft: () => 3,
  paddingRight: () => 3,
}

export const table = (widths: (string | number)[], headings: string[], rows: TableCell[][]): Content => ({
  layout,
  table: {
    headerRows: 1,
    dontBreakRows: true,
    widths,
    body: [
      headings.map(head),
      ...(rows.length > 0
        ? rows
        : [[{ text: words.nothingYet, colSpan: headings.length, color: DIM }, ...headings.slice(1).map(() => '')]]),
    ],
  },
})

/** A page as all papers have it: its title, what stands below it on every page. */
export const page = (input: PaperInput, title: string, content: Content[]): TDocumentDefinitions => {
  const { id, state, provenance } = input
  return {
    info: { title: `${state.plan.title}, ${title}`, creator: words.urnBench },
    pageSize: 'A4',
    pageMargins: [36, 40, 36, 44],
    defaultStyle: { font: 'Sans', fontSize: 9, color: INK, lineHeight: 1.15 },
    footer: (at, pages) => ({
      text: [
        ...(provenance.fault ? [{ text: `${words.notWhole}   `, bold: true, color: FAULT }] : []),
        words.revEntryPageOf(state.plan.title, state.plan.rev, id, state.seq, at, pages),
      ],
      alignment: 'center',
      color: DIM,
      fontSize: 7.5,
      margin: [0, 14, 0, 0],
    }),
    content: [{ text: state.plan.title, fontSize: 20, bold: true }, ...provenanceLines(input), ...content],
  }
}

export const heading = (text: string): Content => ({ text, fontSize: 12, bold: true, margin: [0, 10, 0, 4] })
