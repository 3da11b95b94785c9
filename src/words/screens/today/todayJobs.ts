import { day } from '@/words/figures'
import { termName } from '@/words/steps'

/** What today’s todayJobs says. */
export const todayJobsWords = {
  overdueSince: (dueOn: string) => `overdue since ${day(dueOn)}`,
  more: (count: number) => ` ${String(count)} more.`,
  isBlockedNothingFits: (key: string, more: string) => `${termName(key)} is blocked: nothing fits it yet.${more}`,
}
