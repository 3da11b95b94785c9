import { termName } from '@/words/steps'

/** What job’s faceState says. */
export const faceStateWords = {
  leaves: (name: string) => `${name} leaves`,
  isNotHomeHere: (name: string) => `${name} is not home here`,
  planned: (key: string, quantity: number) => `${termName(key, quantity)} planned`,
  proved: (name: string) => `${name} proved`,
  seated: (name: string) => `${name} seated`,
  unused: 'unused',
  plug: (part: string) => `plug ${part}`,
}
