/** The columns of a pinout. Each says by which headings it is known; case, spaces, dashes and units in brackets do not matter. */
export interface PinoutColumn {
  readonly id: string
  readonly heading: string
  readonly alias: readonly string[]
  readonly required: boolean
}

export const pinoutColumns = {
  wire: { id: 'wire', heading: 'wire', alias: ['wire id', 'id', 'wire no', 'no'], required: true },
  type: { id: 'type', heading: 'type', alias: ['wire type', 'cable type', 'spec'], required: true },
  colour: { id: 'colour', heading: 'colour', alias: ['color', 'wire colour', 'col'], required: true },
  fromEnd: { id: 'fromEnd', heading: 'from end', alias: ['from', 'from connector', 'end 1'], required: true },
  fromCavity: {
    id: 'fromCavity',
    heading: 'from cavity',
    alias: ['from pin', 'from position', 'cavity 1'],
    required: true,
  },
  toEnd: { id: 'toEnd', heading: 'to end', alias: ['to', 'to connector', 'end 2'], required: true },
  toCavity: { id: 'toCavity', heading: 'to cavity', alias: ['to pin', 'to position', 'cavity 2'], required: true },
  length: { id: 'length', heading: 'length', alias: ['length mm', 'cut length', 'len'], required: true },
  signal: { id: 'signal', heading: 'signal', alias: ['net', 'function', 'name'], required: false },
  current: { id: 'current', heading: 'current', alias: ['amps', 'load', 'current a'], required: false },
  group: { id: 'group', heading: 'group', alias: ['twist', 'screen', 'pair', 'cable'], required: false },
  note: { id: 'note', heading: 'note', alias: ['notes', 'remark', 'remarks', 'comment'], required: false },
  fromHousing: { id: 'fromHousing', heading: 'from housing', alias: ['housing 1'], required: false },
  toHousing: { id: 'toHousing', heading: 'to housing', alias: ['housing 2'], required: false },
} as const satisfies Record<string, PinoutColumn>

export type ColumnId = keyof typeof pinoutColumns

const plain = (heading: string) =>
  heading
    .toLowerCase()
    .replace(/[([].*?[)\]]/g, '')
    .replace(/[_\-.]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

export interface Headings {
  readonly at: Readonly<Partial<Record<ColumnId, number>>>
  readonly missing: readonly ColumnId[]
  /** headings that name no column, as written */
  readonly unknown: readonly string[]
  readonly twice: readonly string[]
}

/** Which column stands where, by its heading. */
export function matchHeadings(headings: readonly string[]): Headings {
  const at: Partial<Record<ColumnId, number>> = {}
  const unknown: string[] = []
  const twice: string[] = []
  headings.forEach((heading, index) => {
    const said = plain(heading)
    const column = (Object.values(pinoutColumns) as readonly PinoutColumn[]).find(
      (one) => one.heading === said || one.alias.includes(said),
    )
    if (!column) {
      if (heading.trim() !== '') unknown.push(heading.trim())
    } else if (at[column.id as ColumnId] !== undefined) twice.push(heading.trim())
    else at[column.id as ColumnId] = index
  })
  const missing = (Object.keys(pinoutColumns) as ColumnId[]).filter(
    (id) => pinoutColumns[id].required && at[id] === undefined,
  )
  return { at, missing, unknown, twice }
}
