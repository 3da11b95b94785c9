'use client'
import type { GridNames } from '@/core/record/grid/gridNames'
import { Grid } from '@/ui/grid/Grid'
import type { HeldRow } from '@/ui/grid/useGridHand'
import { useKeys } from '@/ui/keys/KeyProvider'
import { pinoutWords } from '@/words/grid'
import { planWords } from '@/words/screens/plan/planStation'
import type { GridDraft } from './useGridDraft'
import { usePinoutSource } from './usePinoutSource'

/** The pinout, wire by wire. The wire in hand is the one that the address names. */
export function PlanGrid({
  draft,
  names,
  held,
  onSave,
}: {
  readonly draft: GridDraft
  readonly names: GridNames
  readonly held: HeldRow
  readonly onSave: () => void
}) {
  const source = usePinoutSource(draft, names)
  useKeys([{ key: 'ctrl+s', words: planWords.save, run: onSave }])
  return <Grid source={source} words={pinoutWords} held={held} unsaved={draft.edited} fills />
}
