/** What papers’s moveSheet says. */
export const moveSheetWords = {
  unit: (unit: number) => `Unit ${String(unit)}`,
  endAsItIs: (end: string, housing: string) => `End ${end}, ${housing}: as it is, wire face`,
  endAsItIsWanted: (wantedEnd: string, wanted: string) => `End ${wantedEnd}, ${wanted}: as it is wanted, wire face`,
  steps: 'Steps',
  whatHandsDo: 'what the hands do',
  movePlan: 'move plan',
  movePlanToRev: (rev: string, stamp: string, seq: number) =>
    `Move plan to rev ${rev}. Made ${stamp}, after entry ${String(seq)}. Dashed arrows: put aside between. Isolate the supply before a connector is opened; the maker’s sheet goes first.`,
  everyContactStandsWhere: 'Every contact stands where the plan wants it: nothing to move.',
}
