/** What `SeatTask` says. */
export const seatTaskWords = {
  intoCavity: 'Into cavity',
  outOfCavity: 'Out of cavity',
  into: { screw: 'Into clamp', nut: 'Onto stud' },
  plugCavity: 'Plug cavity',
  housingOfIsNot: (end: string) => `▲ The housing of ${end} is not among the job’s facts.`,
  outOf: (end: string, cavity: string) => `Out of ${end}.${cavity}`,
  thisTask: 'This task',
  notHomeIn: (found: string) => `Not home in ${found}`,
  outOfForNew: (found: string) => `Out of ${found}, for the new cover`,
  outOfOldHousing: (found: string, cavity: string) => `Out of the old housing, ${found}, into ${cavity}`,
  equalInOutAnd: (found: string) => `In ${found}, redone to stay equal: out, and off`,
  brokenInOutAnd: (found: string) => `Broken in ${found}: out, and off`,
  inNotInPlan: (found: string) => `In ${found}, not in the plan any more`,
  inBelongsInNo: (found: string) => `In ${found}, belongs in no cavity`,
  inBelongsIn: (found: string, includes: string) => `In ${found}, belongs in ${includes}`,
}
