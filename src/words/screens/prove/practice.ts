import { plural } from '@/words/figures'

/** What `Practice` says. */
export const practiceWords = {
  practice: 'Practice…',
  hideInStandIn: 'Hide in the stand-in',
  hideThem: (count: number) =>
    count === 0 ? 'Take all out' : count === 1 ? 'Hide it by chance' : `Hide these ${String(count)} by chance`,
  tellThem: 'Tell what is hidden',
  hidden: (count: number) =>
    count === 0
      ? 'Nothing is hidden in this unit.'
      : `${plural(count, 'fault')} hidden in this unit. The record does not know of ${count === 1 ? 'it' : 'them'}.`,
}
