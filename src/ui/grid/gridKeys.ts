import type { KeyboardEvent } from 'react'

/** What a key in the cells can do. */
export interface GridActions {
  readonly step: (byRows: number, byColumns: number, extend: boolean, intoNew: boolean) => void
  readonly all: () => void
  readonly add: () => void
  readonly change: () => void
  readonly type: (letter: string) => void
  readonly clear: () => void
  readonly remove: () => void
  readonly fill: () => void
  readonly redo: () => void
}

/** Further than any grid is. */
const FAR = 1e6
const PAGE_ROWS = 12

type Step = readonly [plain: readonly [number, number], ctrl: readonly [number, number]]
const steps: Readonly<Record<string, Step>> = {
  ArrowDown: [
    [1, 0],
    [FAR, 0],
  ],
  ArrowUp: [
    [-1, 0],
    [-FAR, 0],
  ],
  ArrowRight: [
    [0, 1],
    [0, FAR],
  ],
  ArrowLeft: [
    [0, -1],
    [0, -FAR],
  ],
  PageDown: [
    [PAGE_ROWS, 0],
    [PAGE_ROWS, 0],
  ],
  PageUp: [
    [-PAGE_ROWS, 0],
    [-PAGE_ROWS, 0],
  ],
  Home: [
    [0, -FAR],
    [-FAR, -FAR],
  ],
  End: [
    [0, FAR],
    [FAR, FAR],
  ],
}

const plain: Readonly<Record<string, keyof GridActions>> = {
  Enter: 'change',
  F2: 'change',
  Delete: 'clear',
  Backspace: 'clear',
}
const withCtrl: Readonly<Record<string, keyof GridActions>> = {
  Enter: 'add',
  Delete: 'remove',
  Backspace: 'remove',
  d: 'fill',
  a: 'all',
}

/** Does what a key in the cells stands for, as spreadsheets do; false when it stands for nothing here. */
export function runGridKey(event: KeyboardEvent, actions: GridActions): boolean {
  const { key, shiftKey: shift, altKey: alt } = event
  const ctrl = event.ctrlKey || event.metaKey
  const step = steps[key]?.[ctrl ? 1 : 0]
  // the end of a table is its last row, not the empty one below
  if (step) actions.step(...step, shift, key !== 'End')
  else if (ctrl && shift && key.toLowerCase() === 'z') actions.redo()
  else {
    const name = ctrl ? (withCtrl[key] ?? withCtrl[key.toLowerCase()]) : plain[key]
    const run = name === undefined ? undefined : (actions[name] as () => void)
    if (run) run()
    else if (!ctrl && !alt && key.length === 1) actions.type(key)
    else return false
  }
  return true
}
