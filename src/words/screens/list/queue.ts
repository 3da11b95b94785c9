/** What the sign before a row of a queue stands for. */
export const glyphWords = {
  done: 'done',
  now: 'due',
  todo: 'to do',
  wait: 'waits',
  fault: 'blocked',
  caution: 'look again',
} as const

export const queueWords = {
  next: 'Next in the queue',
  previous: 'Previous in the queue',
}
