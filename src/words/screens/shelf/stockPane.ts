import { plural } from '@/words/figures'

/** What `StockPane` says. */
export const stockPaneWords = {
  nothingWasWritten: 'Nothing was written.',
  counted: (part: string, count: number) => `${part}: ${String(count)} counted.`,
  stock: 'Stock',
  filterParts: 'Filter the parts',
  filterCmSkSeal: 'filter: CM-SK, seal, is:low',
  underReorderLevel: (count: number, parts: string) => `◆ ${plural(count, 'part')} under the reorder level: ${parts}.`,
  counts: 'Counts',
  part: 'part',
  what: 'what',
  countedHead: 'counted',
  takenByJobs: 'taken by jobs',
  free: 'free',
  reorderUnder: 'reorder under',
  moreFilterForThem: (count: number) => `${String(count)} more: filter for them.`,
  countedParts: (count: number) => `${plural(count, 'part')} counted.`,
  wholeCountAtOnce: 'A whole count at once: paste a table with the columns part, count, reorder (wire in mm)',
  writeCounts: 'Write the counts',
  ofWord: (label: string, part: string) => `${label} of ${part}`,
  count: 'Count',
  notCounted: 'not counted',
  reorderLevel: 'Reorder level',
}
