import type { ToolClass } from '@/core/parts/catalogue/toolClasses'
import type { ToolProblem } from '@/core/parts/sheets/readTool'
import type { ToolField } from '@/core/parts/sheets/toolDraft'
import type { ToolSheet } from '@/core/parts/sheets/toolSheets'
import { areaRange, list, plural } from '@/words/figures'
import { sheetProblemWords } from '@/words/sheets'

/** What `ToolForm` says. */
export const toolFormWords = {
  newTool: 'New tool',
  change: (id: string) => `${id}: what it is`,
  kindOfTool: 'What kind of tool',
  putInCrib: 'Put it in the crib',
  save: 'Save the tool',
  leave: 'Leave it',
  notSaved: 'Nothing was written.',
  there: (id: string) => `${id} is there already: give this one a number of its own, or change that one.`,
  faults: (count: number) =>
    count === 1 ? '1 field is to be put right.' : `${String(count)} fields are to be put right.`,
  yes: 'yes',
  no: 'no',
  changedMeanwhile: 'Somebody else has changed this tool or its card since you opened it. Load the page again.',
  whoVerifies: 'Say who is at this bench first.',
  noRoutine: 'Nothing proves a tool of this kind here.',
  dueBefore: 'It would be due again before today.',
  waiting: (contacts: readonly string[]) =>
    `${list([...contacts], 6)} ${contacts.length === 1 ? 'is' : 'are'} not on the shelf. ${contacts.length === 1 ? 'Its row is' : 'Their rows are'} kept and ${contacts.length === 1 ? 'waits' : 'wait'}.`,
}

export const toolFieldWords: Readonly<
  Record<ToolField, { readonly label: string; readonly hint?: string; readonly placeholder?: string }>
> = {
  id: { label: 'Number on the tool', placeholder: 'HT-20' },
  name: { label: 'Name', placeholder: 'hand crimp tool, 20 to 16' },
  held: { label: 'Where it is' },
  price: { label: 'Price, or of one borrowing' },
  ownMark: { label: 'Own mark', placeholder: 'SET-21' },
  liesIn: { label: 'Lies in', placeholder: 'drawer 2' },
  colourMark: { label: 'Colour mark', placeholder: 'red end, yellow end' },
  positioners: {
    label: 'Positioners and turrets',
    placeholder: 'QP-5 QP-6',
  },
  selectorMin: { label: 'Selector from', placeholder: 'none' },
  selectorMax: { label: 'Selector to', placeholder: 'none' },
  gaugedTool: { label: 'Belongs to the tool', placeholder: 'QF-5' },
  gaugedSelector: { label: 'At its selector', placeholder: '4' },
  torqueMinNm: { label: 'Torque from, N·m', placeholder: 'none', hint: 'empty: it sets no torque' },
  torqueMaxNm: { label: 'Torque to, N·m', placeholder: 'none' },
  tip: { label: 'Tip' },
  sizes: { label: 'For contact sizes', hint: 'as families name them; empty: all' },
  insertionEnd: { label: 'Its other end pushes contacts in' },
  doneOn: { label: 'Verified on' },
  dueOn: { label: 'Due again on' },
  dueEveryStrokes: { label: 'And after so many contacts', placeholder: 'no count' },
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
  'torque-cable': 'Tightens to a torque, or tensions a safety cable; its block proves it.',
}

export const toolProblemWords = (problem: ToolProblem): string =>
  problem.kind === 'no-day'
    ? 'A day is wanted, like 2026-11-25.'
    : problem.kind === 'due-before-done'
      ? 'That is before the day of the verification.'
      : sheetProblemWords(problem)

/** The tables of a tool, as the form calls them. */
export const toolSheetWords: Readonly<Record<ToolSheet, string>> = {
  dies: 'Its dies, as they are marked',
  nests: 'Its nests: what is printed, and how wide',
  notches: 'Its notches: what is printed, and how far they open',
  card: 'Its placard or die card, row by row',
}

/** What `ReachPanel` says. */
export const reachPanelWords = {
  crimps: 'Of your shelf it crimps',
  nothing: 'Nothing yet: no row of its card is for a contact that is here.',
  notYet: 'Not yet',
  noRow: 'no row',
  by: (tools: readonly string[]) => `${list([...tools], 2)} ${tools.length === 1 ? 'does' : 'do'} it`,
  never: 'never: it would ruin them',
  wire: (from: number, to: number) => areaRange(from, to),
  more: (count: number) => plural(count, 'more contact'),
}

/** What `VerifyPanel` says. */
export const verifyPanelWords = {
  title: 'Verify today',
  never: 'Never verified at this bench.',
  last: (day: string, by: string) => `Last on ${day} by ${by}`,
  due: (day: string) => `due ${day}`,
  gauge: (name: string, id: string) => `With ${name} ${id}`,
  atSelector: (selector: number) => `Set the selector to ${String(selector)}, the gauge’s own`,
  noGauge: 'No gauge of the crib belongs to it: enter one, and say which tool it is for.',
  seen: 'What was seen or measured',
  seenExample: 'go 1.02 passes, no-go 1.07 stops',
  dueOn: 'Due again on',
  verify: 'It holds: verified today',
  fails: 'It does not hold? Do not crimp with it: mark where it is, or send it away.',
  who: 'Say who is at this bench first.',
  notWritten: 'Nothing was written.',
  history: 'Before that',
}
