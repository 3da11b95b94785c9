import { list, plural } from '@/words/figures'

/** What `RulesPlace` says. */
export const rulesPlaceWords = {
  nothingWasWritten: 'Nothing was written.',
  onlyWhereSchoolsDiffer: 'Only where the schools differ',
  saveTheseRules: 'Save these rules',
  leaveRulesAsThey: 'Leave the rules as they are',
  houseRules: 'House rules',
  sideBySide: (count: number) => `${plural(count, 'school')}, side by side`,
  jobFollowsOneOf:
    'A job follows one of them and keeps a copy. The maker’s sheet and your governing document come before all of it.',
  showAllRules: 'Show all rules',
  onlyWhereTheyDiffer: 'Only where they differ',
  ruleAndWhyPeople: 'Rule, and why people differ',
  yourOwn: 'your own',
  cameWithBench: 'came with the bench',
  usedBy: (jobs: readonly string[]) => (jobs.length === 0 ? 'no open job' : `used by ${list([...jobs], 2)}`),
  copy: 'Copy',
  edit: 'Edit',
  name: 'Name',
  save: 'Save',
  leave: 'Leave',
  differs: 'differs',
}
