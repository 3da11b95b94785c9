import { termName } from '@/words/steps'

/** What today’s todayJobs says. */
export const todayJobsWords = {
  more: (count: number) => ` ${String(count)} more.`,
  isBlockedNothingFits: (key: string, more: string) => `${termName(key)} is blocked: nothing fits it yet.${more}`,
}
