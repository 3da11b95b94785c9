/** How much of something is done. */
export interface Count {
  readonly done: number
  readonly total: number
}

export function countDone(tasks: Iterable<{ readonly done: boolean }>): Count {
  let done = 0
  let total = 0
  for (const task of tasks) {
    total++
    if (task.done) done++
  }
  return { done, total }
}

export function sumCounts(counts: Iterable<Count>): Count {
  let done = 0
  let total = 0
  for (const one of counts) {
    done += one.done
    total += one.total
  }
  return { done, total }
}
