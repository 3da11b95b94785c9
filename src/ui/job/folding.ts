/** What writing needs, and no page to stand: how entries are folded on, and what may be appended. */
export { foldEntry } from '@/core/record/journal/fold'
export { refusalOf } from '@/core/work/left/refusalOf'
