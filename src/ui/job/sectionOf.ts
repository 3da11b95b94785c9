import type { Contact } from '@/core/parts/catalogue/types'
import { DEFAULT_SHAPE_FACTOR } from '@/core/craft/crimp/heightTarget'
import type { Wire } from '@/core/record/plan/plan'
import type { JobState } from '@/core/record/state/state'
import { strandAreaMm2 } from '@/core/base/wire/bundle'
import type { SectionPiece } from '../specimen/SectionDrawing'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { constructionOf } from '@/core/parts/catalogue/constructions'

/** The section of a crimp at a compaction; undefined where the contact's sheet has no barrel. */
export function sectionOf(state: JobState, wire: Wire, set: ChosenSet, compaction: number): SectionPiece | undefined {
  const contact = state.facts.contacts[set.contact] as Contact | undefined
  const type = state.facts.wireTypes[wire.type]
  const wall = contact && constructionOf(contact).wall(contact)
  if (!type || !wall) return undefined
  const legs = set.foldBack ? 2 : 1
  const wireAreaMm2 = strandAreaMm2(type.strands, type.strandMm) * legs
  return {
    strands: type.strands * legs,
    wireAreaMm2,
    ...wall,
    compaction,
    heightMm: (compaction * (wireAreaMm2 + wall.barrelAreaMm2)) / (DEFAULT_SHAPE_FACTOR * wall.widthMm),
  }
}

/** The compaction that a height stands for: the edges of the set's own window are those of a sound crimp. */
export const compactionAt = ({ height }: ChosenSet, heightMm: number): number | undefined =>
  height && height.maxMm > height.minMm
    ? 0.8 + ((heightMm - height.minMm) / (height.maxMm - height.minMm)) * 0.1
    : undefined
