import type { TermState } from '../../state/records'

/** A height once measured stays in the record of its setup, whatever becomes of the crimp. */
export const withHeight = (
  { heights = [] }: TermState,
  setup: string,
  heightMm: number | undefined,
  at: string,
): Pick<TermState, 'heights'> => (heightMm === undefined ? {} : { heights: [...heights, { setup, heightMm, at }] })
