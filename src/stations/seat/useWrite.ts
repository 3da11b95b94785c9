import type { EndTask } from '@/core/work/seat/endTasks'
import type { Said } from '@/ui/job/journalClient'
import { useBusy, useJob } from '@/ui/job/JobProvider'

export type TaskOf<Kind extends EndTask['kind']> = Extract<EndTask, { kind: Kind }>

/** Writes, then goes on with what is due. */
export function useWrite(done: () => void) {
  const { append } = useJob()
  const busy = useBusy()
  return { busy, write: (...said: Said[]) => void append(...said).then((written) => written && done()) }
}
