import { mm } from '@/words/figures'

/** What `TrialPane` says. */
export const trialPaneWords = {
  nothingToSay: 'Nothing to say',
  doWhatItSays: 'Do what it says',
  setItOtherwiseFor: 'Set it otherwise for the next',
  whatIsSeenTo: 'What is seen (1 to 9)',
  thisContactsSheetGives: 'This contact’s sheet gives no dimensions: try it, and cut back when it is wrong.',
  whatDoYouSee: 'What do you see?',
  whatIsSeen: 'What is seen',
  answerQuestion: 'Answer the question (7 or 8)',
  asMeasuredOrLeave: 'as measured',
  slackDoesNotAllow: 'the slack does not allow it: cut a new wire',
  ofSlackStay: (leftMm: number) => `${mm(leftMm, 0)} of slack stay`,
  costs: (costMm: number, short: string) => `Costs ${mm(costMm, 1)}; ${short}.`,
  forNext: (next: string) => `For the next: ${next}.`,
  writtenStopAt: (cured: number) => `✓ Written: stop at ${mm(cured, 1)}`,
  stopTo: (toMm: number) => `Stop to ${mm(toMm, 1)}`,
  goOn: 'Go on',
  doneSo: 'Done so',
  back: 'Back',
}
