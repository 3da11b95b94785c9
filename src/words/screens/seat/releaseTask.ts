import { mm } from '@/words/figures'

/** What `ReleaseTask` says. */
export const releaseTaskWords = {
  done: 'Done',
  doesNotComeOut: 'It does not come out…',
  itComesNow: 'It comes now',
  stillIn: 'All of it is right, and it stays in',
  stopHere: 'Stop here',
  stopWhy:
    'What is pulled harder now breaks. Leave it in, ask somebody, or read the maker’s sheet with the tool in hand.',
  endIsBroken: 'Give up its lock or housing…',
  itCameOutDamaged: 'It came out damaged: cut it off',
  leaveItIn: 'Leave it in',
  outOfCavity: 'Out of cavity',
  thisTask: 'This task',
  itsPlaceIsNot: '◆ Its place is not free yet: put it aside, with a tag that says',
  itIsOutCut: 'It is out: cut it off',
  itIsOut: 'It is out',
  whatCanBreak: 'What can break',
  byHandNoTool: 'By hand: no tool.',
  withWord: 'With',
  plainTipTipWith: ': the plain tip. The tip that bears on the shoulder is for putting in',
  sizeOnMm: (count: string, insulationMm: number) => `size ${count} on ${mm(insulationMm, 1)}`,
  noTipInCrib: (releaseTipWord: string) => `▲ No ${releaseTipWord}`,
  forAmongToolsOf: (forWhat: string) => `for ${forWhat} among the tools of this job`,
  doesNotFit: (unfit: string, one: boolean) => `: ${unfit} ${one ? 'does' : 'do'} not fit`,
  borrowOrBuyOne: '. Borrow or buy one first.',
  improvisedWrittenDown: 'Improvised, written down',
  withWrittenDown: (improvisedWord: string) => `With ${improvisedWord}, written down`,
  noSecondUse: 'no second use',
  itDoesNotGo: (grants: string) => `◆ It does not go in again: ${grants}. A new contact takes its place.`,
  outBefore: (used: number, grants: string) => `Out before: ${String(used)}×; ${grants}.`,
}
