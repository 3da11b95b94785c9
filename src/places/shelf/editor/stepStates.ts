import { isBlankRow } from '@/core/parts/sheets/sheet'
import { lockWords } from '@/words/lock'
import { familyKindWords } from '@/words/screens/shelf/familyKind'
import { familyPathWords as texts } from '@/words/screens/shelf/familyPath'
import type { EditorHand } from './editorHand'
import type { StepState } from './PathRail'
import { stepIds, type StepId, stepOfFault } from './steps'

/** How far each step is, in words: what it holds by now, or what of it is to be mended once it was to be saved. */
export function statesOf({ draft, reading, asked }: EditorHand): Readonly<Record<StepId, StepState>> {
  const { sheets, housings } = draft
  const rows = (sheet: keyof typeof sheets) => sheets[sheet].filter((row) => !isBlankRow(row))
  const faults = new Map<StepId, number>(stepIds.map((id) => [id, 0]))
  if (asked)
    for (const fault of reading.faults) faults.set(stepOfFault(fault), (faults.get(stepOfFault(fault)) ?? 0) + 1)
  const said: Readonly<Record<StepId, string>> = {
    kind: draft.name.trim() === '' ? '' : familyKindWords.sealings[draft.sealing],
    housings: texts.housingsThere(housings.flatMap(({ id }) => (id === '' ? [] : [id]))),
    sizes: texts.sizesThere(rows('sizes').flatMap(({ id }) => id ?? [])),
    contacts: texts.contactsThere(rows('contacts').length, rows('terminals').length),
    small: texts.partsThere(rows('seals').length, rows('parts').length),
    locks: housings.length === 0 ? '' : lockWords[draft.lock].name,
    settings: rows('placard').length === 0 ? '' : texts.rowsThere(rows('placard').length),
  }
  const state = (id: StepId): StepState => {
    const count = faults.get(id) ?? 0
    return {
      faults: count,
      begun: said[id] !== '',
      sub: count > 0 ? texts.toMend(count) : said[id] === '' ? texts.nothingYet : said[id],
    }
  }
  return {
    kind: state('kind'),
    housings: state('housings'),
    sizes: state('sizes'),
    contacts: state('contacts'),
    small: state('small'),
    locks: state('locks'),
    settings: state('settings'),
  }
}
