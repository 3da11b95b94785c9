import { heightWindow, mm, newtons } from '@/words/figures'

/** What `PieceFault` says. */
export const pieceFaultWords = {
  title: 'The piece is not good',
  pieceLike: 'Not good: a piece like',
  another: 'Make another piece',
  name: 'Name what is wrong',
  seen: 'What is wrong',
  showed: (
    pulled: string,
    minimumN: number | undefined,
    heightMm: number | undefined,
    window: { readonly minMm: number; readonly maxMm: number } | undefined,
  ) =>
    [
      `Pull: ${pulled}${minimumN === undefined ? '' : `, asked ${newtons(minimumN)}`}`,
      ...(heightMm === undefined
        ? []
        : [`height ${mm(heightMm, 3)}${window ? `, window ${heightWindow(window)}` : ''}`]),
    ].join('; ') + '.',
  nothingReleased: 'It ends the release, and the good pieces before it count no more.',
}
