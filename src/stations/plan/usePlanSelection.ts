'use client'
import { parseAsString, useQueryState } from 'nuqs'
import { readRow, type GridRow } from '@/core/record/grid/draft'
import type { GridNames } from '@/core/record/grid/gridNames'
import { wireOfKey } from '@/core/record/plan/keys'
import { planIndex, type Plan, type Wire } from '@/core/record/plan/plan'
import { writeAddress } from '@/ui/address/addressWrites'
import { useAt } from '@/ui/job/useAt'

export const endsOf = (wire: Wire): string[] =>
  [wire.from, wire.to].flatMap((side) => (side.kind === 'cavity' ? [side.end] : []))

const endInAddress = parseAsString.withOptions({ history: 'replace', scroll: false })

/** The row and the end in hand: the address names both, so that the grid, the face, a link and a reload mean the same. */
export function usePlanSelection(plan: Plan, rows: readonly GridRow[], names: GridNames) {
  const { wires } = planIndex(plan)
  const { at, select } = useAt((key) => wires.has(wireOfKey(key)) || rows.some((row) => row.key === key), rows[0]?.key)
  const wireId = wireOfKey(at ?? '')
  const row = rows.find((one) => one.key === at || one.key === wireId)
  const wireOf = (key: string | undefined) => {
    const found = key === undefined ? undefined : rows.find((one) => one.key === key)
    return found && readRow(found, names).wire
  }
  const wire = wireOf(row?.key) ?? wires.get(wireId)
  const [askedEnd, setAskedEnd] = useQueryState('end', endInAddress)
  const touched = wire ? endsOf(wire) : []
  const end =
    askedEnd !== null && plan.ends.some((one) => one.id === askedEnd)
      ? askedEnd
      : (touched[0] ?? plan.ends[0]?.id ?? '')
  const setEnd = (next: string | undefined) => writeAddress(() => setAskedEnd(next ?? null))
  const placeInPlan = plan.ends.findIndex((one) => one.id === end)
  return {
    at,
    row,
    wire,
    end,
    setEnd,
    select,
    /** a row, and the end that it goes to when it does not touch the one that is shown */
    pick: (key: string) => {
      select(key)
      const said = wireOf(key)
      if (said && !endsOf(said).includes(end)) setEnd(endsOf(said)[0])
    },
    /** the wire's other end, or the next one of the job */
    otherEnd: () =>
      setEnd(touched.find((one) => one !== end) ?? plan.ends[(placeInPlan + 1) % Math.max(1, plan.ends.length)]?.id),
  }
}
