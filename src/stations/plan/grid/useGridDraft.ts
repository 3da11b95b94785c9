'use client'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import {
  draftChange,
  isEdited,
  isEmptyChange,
  newRow,
  readDraft,
  rebase,
  rowsOf,
  type DraftReading,
  type GridRow,
} from '@/core/record/grid/draft'
import type { GridText } from '@/core/record/grid/columns'
import type { GridNames } from '@/core/record/grid/gridNames'
import { takeWaitingRows } from '@/ui/job/waitingRows'
import { advance, redo, startHistory, undo, type History } from '@/core/base/history'
import { planIndex, type Plan, type PlanChange } from '@/core/record/plan/plan'

export interface GridDraft {
  readonly rows: readonly GridRow[]
  readonly reading: DraftReading
  readonly change: PlanChange
  /** rows that differ from the plan, gone ones included */
  readonly edited: number
  readonly edit: (next: (rows: readonly GridRow[]) => readonly GridRow[]) => void
  readonly undo: () => void
  readonly redo: () => void
  readonly canUndo: boolean
  readonly canRedo: boolean
  /** back to the plan as it is */
  readonly discard: () => void
  readonly newKey: () => string
}

const storeKey = (jobId: string) => `urn-draft:${jobId}`

/** The pinout as it is being edited. It is kept in this browser until it is saved, so that nothing typed is lost. */
export function useGridDraft(jobId: string, plan: Plan, names: GridNames): GridDraft {
  const [history, setHistory] = useState<History<readonly GridRow[]>>(() => startHistory(rowsOf(plan)))
  const base = useRef(plan.wires)
  const counter = useRef(0)
  const { now: rows } = history

  // a draft that was left behind
  useEffect(() => {
    const kept = readKept(localStorage.getItem(storeKey(jobId)), plan)
    // rows that were left out as the job was made, to be mended here
    const waiting = takeWaitingRows(jobId).map((text, i) => newRow(`waiting-${String(i)}`, text))
    if (kept || waiting.length > 0) setHistory((at) => advance(at, [...(kept ?? at.now), ...waiting]))
    // only when the job is opened
    // oxlint-disable-next-line react/exhaustive-deps
  }, [jobId])

  useEffect(() => {
    if (base.current === plan.wires) return
    base.current = plan.wires
    setHistory((at) => ({ past: at.past.map((one) => rebase(one, plan)), now: rebase(at.now, plan), future: [] }))
  }, [plan])

  const reading = useMemo(() => readDraft(rows, names), [rows, names])
  const change = useMemo(() => draftChange(plan, rows, reading), [plan, rows, reading])
  const edited = useMemo(() => rows.filter(isEdited).length + (change.removeWires?.length ?? 0), [rows, change])

  useEffect(() => {
    if (edited === 0 && isEmptyChange(change)) localStorage.removeItem(storeKey(jobId))
    else
      localStorage.setItem(
        storeKey(jobId),
        JSON.stringify(rows.map(({ key, text, origin }) => ({ key, text, origin: origin?.id }))),
      )
  }, [jobId, rows, edited, change])

  return {
    rows,
    reading,
    change,
    edited,
    edit: useCallback((next) => setHistory((at) => advance(at, next(at.now))), []),
    undo: useCallback(() => setHistory(undo), []),
    redo: useCallback(() => setHistory(redo), []),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    discard: useCallback(() => setHistory((at) => advance(at, rowsOf(plan))), [plan]),
    newKey: useCallback(() => `new-${Date.now().toString(36)}-${String(++counter.current)}`, []),
  }
}

/** A kept draft over the plan as it is now; undefined when there is none, or it cannot be read. */
function readKept(kept: string | null, plan: Plan): readonly GridRow[] | undefined {
  if (kept === null) return undefined
  try {
    const rows = JSON.parse(kept) as { readonly key: string; readonly text: GridText; readonly origin?: string }[]
    const { wires } = planIndex(plan)
    return rows.map(({ key, text, origin }) => {
      const wire = origin === undefined ? undefined : wires.get(origin)
      return { key, text, ...(wire && { origin: wire }) }
    })
  } catch {
    return undefined
  }
}
