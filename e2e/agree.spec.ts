import type { APIRequestContext } from '@playwright/test'
import Papa from 'papaparse'
import type { Entry } from '../src/core/record/journal/entry'
import { foldAll } from '../src/core/record/journal/fold'
import type { ChosenSet } from '../src/core/craft/setup/chosenSet'
import { setupId } from '../src/core/craft/setup/setup'
import { buildSheet } from '../src/papers/buildSheet'
import { figure, heightRange, lengthSaid, stripRange } from '../src/words/figures'
import { expect, test } from './bench'

interface Term {
  readonly key: string
  readonly set: ChosenSet | null
  readonly stripped?: { readonly stripMm: number }
  readonly crimp?: { readonly heightMm?: number; readonly setup: string }
  readonly seat?: { readonly tugN?: number; readonly tugAskedN?: number }
}
interface Answer {
  readonly state: { readonly terminations: readonly Term[] }
  readonly journal: Entry[]
}

const answered = async (request: APIRequestContext, id: string): Promise<Answer> => {
  const response = await request.get(`/api/v1/jobs/${id}`)
  expect(response.ok()).toBe(true)
  return (await response.json()) as Answer
}

/** What a page says, as its HTML comes: words and figures, without marks. */
const said = async (request: APIRequestContext, path: string): Promise<string> =>
  (await (await request.get(path)).text())
    .replace(/<script[\s\S]*?<\/script>/g, ' ')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')

/** Rows of the tables of a paper, each as its cells' words. */
function rowsOf(node: unknown): readonly (readonly string[])[] {
  const textOf = (cell: unknown): string =>
    typeof cell === 'string'
      ? cell
      : Array.isArray(cell)
        ? cell.map(textOf).join(' ')
        : typeof cell === 'object' && cell !== null && 'text' in cell
          ? textOf(cell.text)
          : ''
  if (Array.isArray(node)) return node.flatMap(rowsOf)
  if (typeof node !== 'object' || node === null) return []
  if ('table' in node) {
    const { body } = node.table as { readonly body: readonly (readonly unknown[])[] }
    return body.map((row) => row.map(textOf))
  }
  return Object.values(node).flatMap(rowsOf)
}

const label = (key: string) => key.split('/').slice(1).join('')

for (const id of ['beacon-lead', 'deck-loom', 'logger-box', 'spare-pump', 'sonde-pigtail', 'float-leads', 'winch-feed'])
  test(`screen, open interface and paper agree on every figure of ${id}`, async ({ request }) => {
    const { state, journal } = await answered(request, id)
    const folded = foldAll(journal).state
    const paper = rowsOf(
      buildSheet({
        id,
        state: folded,
        people: {},
        provenance: {},
        madeAt: '2026-11-25T09:00:00Z',
        zone: 'UTC',
        says: { units: 'metric' },
      }).content,
    )
    const text = await (await request.get(`/jobs/${id}/papers/record.csv`)).text()
    const csv = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim()).data
    const column = (name: string) => csv[0]?.indexOf(name) ?? -1
    const seen = new Set<string>()
    let figures = 0
    for (const term of state.terminations) {
      const [unit, wire = '', side = ''] = term.key.split('/')
      const row = csv.find(
        (cells) => cells[column('unit')] === unit && cells[column('wire')] === wire && cells[column('side')] === side,
      )
      const cellOf = (name: string) => row?.[column(name)] ?? ''
      const { set, stripped, crimp } = term
      expect(cellOf('strip mm'), term.key).toBe(stripped ? String(stripped.stripMm) : '')
      expect(cellOf('height mm'), term.key).toBe(crimp?.heightMm === undefined ? '' : String(crimp.heightMm))
      expect(cellOf('tug asked N'), term.key).toBe(String(term.seat?.tugAskedN ?? ''))
      const done = paper.find(
        (cells) => cells[0] === label(term.key) || cells[0] === `${label(term.key)} #${unit ?? ''}`,
      )
      if (stripped) expect(done?.join(' '), term.key).toContain(figure(stripped.stripMm, 2))
      if (crimp?.heightMm !== undefined) expect(done?.join(' '), term.key).toContain(figure(crimp.heightMm, 3))
      if (!set || crimp?.setup === 'as-found' || unit !== '1') continue
      const asked = paper.find(
        (cells) => cells[0] === set.contact && cells.at(-1)?.split(' ').includes(label(term.key)),
      )
      expect(asked?.[1], term.key).toBe(stripRange(set.strip))
      expect(asked?.[2], term.key).toContain(set.height ? heightRange(set.height) : '')
      if (set.pull) expect(asked?.[3], term.key).toContain(`${String(set.pull.forceN)} N`)
      expect(cellOf('pull asked N'), term.key).toBe(String(set.pull?.forceN ?? ''))
      figures += 3
      // alike sets are shown alike: one page of each says it
      const alike = JSON.stringify([set.contact, set.seal, set.setup, set.strip, set.height, set.pull])
      if (seen.has(alike)) continue
      seen.add(alike)
      const at = encodeURIComponent(term.key)
      const prep = await said(request, `/jobs/${id}/prep?at=${at}`)
      const strip = lengthSaid(set.strip.nominalMm, 1)
      expect(prep, term.key).toContain(`${strip.value} ${strip.unit} ${strip.other} ${stripRange(set.strip)}`)
      const options = (await (
        await request.get(`/jobs/${id}/kit/options?wire=${encodeURIComponent(wire)}&side=${side}`)
      ).json()) as { readonly sets: readonly { readonly set: ChosenSet }[] }
      const today = options.sets.find(
        (one) =>
          one.set.contact === set.contact && one.set.seal === set.seal && setupId(one.set.setup) === setupId(set.setup),
      )?.set
      expect(today?.strip, term.key).toEqual(set.strip)
      expect([today?.height, today?.pull], term.key).toEqual([set.height, set.pull])
    }
    if (id !== 'sonde-pigtail') expect(figures).toBeGreaterThan(0)
  })
