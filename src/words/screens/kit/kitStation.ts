import { figure, mm, newtons } from '@/words/figures'

const pullWords = (forceN: number | undefined) => (forceN === undefined ? 'no figure' : newtons(forceN))

/** What `KitStation` says. */
export const kitStationWords = {
  partsAndSetupsOf: 'Parts and setups of the whole job',
  chooseForWholeJob: 'Choose for the whole job',
  toolsToBuyOr: 'Tools to buy or borrow',
  whatToBring: 'What to bring to the bench',
  terminations: 'Terminations',
  nothingFits: 'nothing fits',
  cameCrimped: 'Came crimped',
  asItCame: (contact: string | undefined) => contact ?? 'as it came',
  blocked: 'Blocked',
  lookAgain: 'Look again',
  chosen: 'Chosen',
  shelfDoesNotAnswer: 'The shelf does not answer. Try another termination, or load the page again.',
  useThatWire: 'Use that wire',
  chooseThatSet: 'Choose that set',
  measureWireAgain: 'Measure the wire again',
  pickLineTo: 'Pick a line (1 to 9)',
  workingOutWhatFits: 'Working out what fits…',
  thisTermination: 'This termination',
  nothingFitsThisWire: 'Nothing fits this wire',
  oneMoment: 'One moment',
  overInsulation: 'over insulation',
  conductor: 'Conductor',
  strip: 'Strip',
  heightEstimated: (estimate: boolean) => `Height${estimate ? ', estimated' : ''}`,
  pull: 'Pull',
  notInTable: 'not in the table',
  use: (remedy: string) => `Use ${remedy}`,
  thisSetIsChosen: '✓ This set is chosen',
  chooseThisSet: 'Choose this set',
  parts: 'Parts',
  studOf: (shape: string) => (shape === 'blade' ? 'Blade' : shape === 'bullet' ? 'Bullet' : 'Stud'),
  stud: (studMm: number, torqueNm: number | undefined) =>
    `${mm(studMm)}${torqueNm === undefined ? '' : `, ${figure(torqueNm, 2)} N·m`}`,
  sleeve: 'Sleeve, as printed',
  tools: 'Tools',
  setting: (source: string) => `Setting: ${source}.`,
  stripSheetsOwnLength: (sheet: boolean) =>
    `Strip: ${sheet ? 'the sheet’s own length' : 'from the contact’s dimensions and the house rules'}.`,
  pullFrom: (basis: string) => `Pull: ${basis}.`,
  makersSheetAlwaysWins: 'The maker’s sheet always wins.',
  contactsOwnSheet: 'the contact’s own sheet',
  overInsulationThreeTurns: 'Over insulation, three turns or across',
  useThisFigure: 'Use this figure',
  askedThenAndToday: (thenN: number | undefined, todayN: number | undefined) =>
    `◆ It was chosen with a pull of ${pullWords(thenN)}; today’s sheets and rules ask ${pullWords(todayN)}. The bench works by what was chosen.`,
  takeTodaysFigures: 'Take today’s figures',
}
