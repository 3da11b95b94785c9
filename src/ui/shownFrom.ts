/** Where something that scrolls has to stand to show a stretch of it, px: moved as little as can be. */
export const shownFrom = (
  standsAt: number,
  seenPx: number,
  { start, end }: { readonly start: number; readonly end: number },
): number => (start < standsAt ? start : end > standsAt + seenPx ? end - seenPx : standsAt)
