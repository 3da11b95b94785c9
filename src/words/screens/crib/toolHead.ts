import { figure, shortMm } from '@/words/figures'

/** What is written into the drawing of a tool. */
export const toolHeadWords = {
  selector: 'selector',
  byHand: 'held by hand',
  stop: (stop: string) => `stop ${stop}`,
  mm: (valueMm: number) => shortMm(valueMm),
  /** an opening by its width alone */
  says: (valueMm: number) => figure(valueMm, 2),
  drawn: (row: Readonly<Record<string, string | undefined>>) =>
    [
      'The tool',
      ...(['die', 'positioner', 'turret', 'selector', 'nest'] as const).flatMap((field) =>
        row[field] === undefined ? [] : [`${field} ${row[field]}`],
      ),
    ].join(', '),
}
