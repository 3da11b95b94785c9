import { list } from '@/words/figures'

/** What the list of causes of a fault says. */
export const causesWords = {
  likely: 'Likely, in this order:',
  otherwise: 'Set it otherwise for the next',
  evidence: { for: ', as measured', against: ': what was measured says no', none: '' },
  withDecision: (cure: string) => `✓ With the decision: ${cure}`,
  /** of a cause that lies in the tool: what was made with it since it was last seen good */
  inQuestion: (terms: readonly string[]) =>
    `It lies in the tool: its release ends, and what it crimped since its last good check is in question, here and in other jobs.${
      terms.length === 0 ? ' Here nothing was crimped since.' : ` Here: ${list(terms, 12)}.`
    }`,
}
