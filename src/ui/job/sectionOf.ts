import { compactionOf, heightTarget, SOUND_COMPACTION } from '@/core/craft/crimp/heightTarget'
import type { Wire } from '@/core/record/plan/plan'
import type { JobState } from '@/core/record/state/state'
import { strandAreaMm2 } from '@/core/base/wire/bundle'
import type { SectionPiece } from '../specimen/SectionDrawing'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { constructionOf } from '@/core/parts/catalogue/constructions'

/** How a section is known: by a height that was measured, or by the compaction that a piece is taken to have. */
export type SectionFrom = { readonly heightMm: number } | { readonly compaction: number }

/** A figure that was rounded in print is still inside. */
const SLACK = 1e-4

/**
 * The section of a crimp; undefined where the contact's sheet has no barrel. Its compaction is worked out from height and metal.
 * Whether it is sound says the set's own window where the height was measured, else the compaction.
 */
export function sectionOf(state: JobState, wire: Wire, set: ChosenSet, from: SectionFrom): SectionPiece | undefined {
  const contact = state.facts.contacts[set.contact]
  const type = state.facts.wireTypes[wire.type]
  const wall = contact && constructionOf(contact).wall(contact)
  if (!type || !wall) return undefined
  const legs = set.foldBack ? 2 : 1
  const metal = { wireAreaMm2: strandAreaMm2(type.strands, type.strandMm) * legs, ...wall }
  const wanted = 'compaction' in from ? { min: from.compaction, max: from.compaction } : undefined
  const heightMm = 'heightMm' in from ? from.heightMm : heightTarget({ ...metal, compaction: wanted }).nominalMm
  const compaction = compactionOf(heightMm, metal)
  const window = 'heightMm' in from && set.height ? set.height : undefined
  const [value, min, max] = window
    ? [heightMm, window.minMm, window.maxMm]
    : [compaction, SOUND_COMPACTION.min, SOUND_COMPACTION.max]
  return {
    strands: type.strands * legs,
    ...metal,
    compaction,
    heightMm,
    verdict: value > max + SLACK ? 'loose' : value < min - SLACK ? 'tight' : 'sound',
  }
}
