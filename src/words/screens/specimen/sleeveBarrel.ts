/** What `SleeveBarrel` says. */
export const sleeveBarrelWords = {
  strandsLevelWithTip: 'strands level with the tip',
  conductorShowsHere: 'conductor shows here',
  conductorAtStop: 'conductor at the stop',
  mHVH: (from: number, outer: number, to: number, outer2: number) =>
    `M${String(from)} ${String(outer)}H${String(to)}V${String(outer2)}H${String(from)}Z`,
  mHLH: (
    from: number,
    outer: number,
    third: number,
    dent: number,
    third2: number,
    dent2: number,
    to: number,
    outer2: number,
  ) =>
    `M${String(from)} ${String(outer)}h${String(third)}l.3 ${String(dent)}h${String(third2)}l.3 ${String(dent2)}H${String(to)}V${String(outer2)}H${String(from)}Z`,
}
