import type { ToolField, ToolProblem } from '@/core/parts/sheets/toolDraft'
import type { ToolClass } from '@/core/parts/catalogue/toolClasses'
import { sheetProblemWords } from '@/words/sheets'

/** What `ToolForm` says. */
export const toolFormWords = {
  newTool: 'New tool',
  change: (id: string) => `${id}: what it is`,
  kindOfTool: 'What kind of tool',
  dies: 'Its dies, as they are marked',
  putInCrib: 'Put it in the crib',
  save: 'Save the tool',
  leave: 'Leave it',
  notSaved: 'Nothing was written.',
  there: (id: string) => `${id} is there already: give this one a number of its own, or change that one.`,
  faults: (count: number) =>
    count === 1 ? '1 field is to be put right.' : `${String(count)} fields are to be put right.`,
  yes: 'yes',
  no: 'no',
  settings: 'Its settings are entered with a family, under Settings on the Shelf: contact, wire, die or position.',
}

export const toolFieldWords: Readonly<
  Record<ToolField, { readonly label: string; readonly hint?: string; readonly placeholder?: string }>
> = {
  id: { label: 'Number on the tool', placeholder: 'HT-20' },
  name: { label: 'Name', placeholder: 'hand crimp tool, 20 to 16' },
  held: { label: 'Where it is' },
  price: { label: 'Price', hint: 'to buy it, or for one borrowing' },
  nests: {
    label: 'Widths of its nests, mm',
    hint: 'one after the other, with spaces between',
    placeholder: '1.9 2.3 2.7',
  },
  notches: {
    label: 'Openings of its notches, mm',
    hint: 'as measured or as the sheet says, with spaces between',
    placeholder: '0.8 1.0 1.3',
  },
  tip: { label: 'Tip' },
  sizes: { label: 'For contact sizes', hint: 'as families name them; empty: all' },
  insertionEnd: { label: 'Its other end pushes contacts in' },
  doneOn: { label: 'Verified on' },
  dueOn: { label: 'Due again on' },
  by: { label: 'Verified by', placeholder: 'who, or which laboratory' },
  document: { label: 'Figures from', placeholder: 'the maker’s sheet, by its number' },
}

/** What each class is told by, and what it is set by. */
export const toolClassHints: Readonly<Record<ToolClass, string>> = {
  'four-indent-positioned':
    'Four points press at once; a positioner or turret holds the contact, a selector sets how deep.',
  'four-indent-plain': 'Four points press at once; the contact is held by hand, a screw or selector sets how deep.',
  'parallel-die': 'Jaws close in parallel on dies that are changed; a stop for the wire.',
  'nest-ratchet': 'Fixed nests, side by side, and a ratchet that lets go after the whole stroke.',
  'notch-pliers': 'Notches and no ratchet: the conductor wings first, then the insulation wings.',
  'plain-pliers': 'No nest at all. Where the rules allow it, and it is written down.',
  'ferrule-square': 'Four jaws press a ferrule square; it sets itself to the size.',
  'sleeve-nest': 'Oval nests, often with the colour of the sleeve on them.',
  stripper: 'Notches that open the insulation and leave the strands alone.',
  release: 'Lets a contact go, or pushes it in.',
  gauge: 'Go and no-go for a frame, or what else proves a tool.',
}

export const toolProblemWords = (problem: ToolProblem): string =>
  problem.kind === 'no-day'
    ? 'A day is wanted, like 2026-11-25.'
    : problem.kind === 'due-before-done'
      ? 'That is before the day of the verification.'
      : sheetProblemWords(problem)
