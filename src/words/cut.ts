import type { CutPlanFault } from '@/core/craft/cut/cutTypes'

/** What is wrong with a request for a cut plan. */
export function cutPlanFaultWords(fault: CutPlanFault): string {
  switch (fault.kind) {
    case 'spool-twice':
      return `spool “${fault.id}” stands twice: each needs an id of its own`
    case 'cut-twice':
      return `cut “${fault.id}” stands twice: add their counts together`
    case 'kerf-below-nought':
      return `a kerf of ${fault.kerfMm} mm is below nought`
  }
}
