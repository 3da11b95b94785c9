import type { Range } from '../../base/range'
import { constructionOf } from '../../parts/catalogue/constructions'
import type { Contact } from '../../parts/catalogue/types'

/** Insulation that shows before a seal is at least so much of the gap between the wings: both must be held, mm per mm. */
const LEAST_SHARE = 0.1

/**
 * How much insulation shows before a wire seal, mm: its front edge lies between the wings, and so does the end of the
 * insulation, which stands midway between them. From the contact's own dimensions, so an estimate; undefined where the
 * contact takes no seal in its wings, or its sheet has no dimensions.
 */
export function sealPlace(contact: Contact): Range | undefined {
  const wings = constructionOf(contact).wings(contact)
  if (!wings || !constructionOf(contact).gripsSeal) return undefined
  const tenth = (mm: number) => Math.round(mm * 10) / 10
  return {
    minMm: Math.max(0.1, tenth(wings.transitionMm * LEAST_SHARE)),
    maxMm: Math.max(0.1, tenth(wings.transitionMm / 2)),
  }
}
