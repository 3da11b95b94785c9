import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { ruleLines, type RuleId } from './ruleLines'

/** Where each house rule is read, from `src/core`. A rule that nothing reads says so on the screen. */
const readers: Readonly<Partial<Record<RuleId, string>>> = {
  gap: 'parts/rules/houseRules.ts',
  brush: 'craft/strip/houseStrip.ts',
  stripCounts: 'craft/fit/setupFigures.ts',
  strandAllowance: 'record/journal/kinds/stripped.ts',
  redoTries: 'record/standing/slack.ts',
  sideCutterStrip: 'craft/crimp/practices.ts',
  foldBack: 'craft/fit/fit.ts',
  lubricant: 'craft/crimp/practices.ts',
  forbiddenToolClasses: 'craft/fit/setupFigures.ts',
  uncalibratedTools: 'craft/fit/setupFigures.ts',
  estimates: 'craft/fit/setupFigures.ts',
  overdueTools: 'craft/fit/setupFigures.ts',
  firstPieces: 'record/standing/released.ts',
  releasePull: 'record/journal/writes/pulls.ts',
  releaseHeight: 'record/standing/firstPiece.ts',
  pullTable: 'craft/fit/fit.ts',
  pullEvery: 'record/standing/samplesDue.ts',
  heightEvery: 'record/standing/samplesDue.ts',
  trendPoints: 'record/standing/heightWatch.ts',
  shiftAsksAgain: 'record/journal/kinds/crimped.ts',
  singlyFirst: 'record/standing/looksTicked.ts',
  singlyEvery: 'record/standing/looksTicked.ts',
  matingPin: 'record/standing/looksOf.ts',
  gaugeEachShift: 'record/standing/gaugeDue.ts',
  wireLabels: 'record/standing/threadFirst.ts',
  secondStroke: 'craft/crimp/practices.ts',
  solder: 'craft/crimp/practices.ts',
  easingWings: 'craft/crimp/practices.ts',
  straightening: 'craft/crimp/practices.ts',
  brushTrimming: 'craft/crimp/practices.ts',
  finishingSqueeze: 'craft/crimp/practices.ts',
  contactReuses: 'record/standing/reuse.ts',
  sealReuses: 'record/standing/reuse.ts',
  equalWithinMm: 'work/rework/repairPlan.ts',
  handTightening: 'record/standing/tightening.ts',
  improvisedRelease: 'record/journal/kinds/extracted.ts',
  coverOrder: 'parts/catalogue/secondaryLocks.ts',
  tugShare: 'record/standing/tug.ts',
  isolation: 'work/prove/proofTasks.ts',
  throughPairs: 'work/prove/throughTasks.ts',
  netResistance: 'work/prove/netVerdict.ts',
  retentionTest: 'work/prove/proofTasks.ts',
  retentionWhen: 'record/standing/retentionAtSeat.ts',
  handPull: 'work/prove/proofTasks.ts',
  wiggleS: 'work/prove/proofTasks.ts',
  secondSignature: 'views/steps.ts',
  dropLimitPercent: 'craft/fit/load.ts',
  bundleDerating: 'parts/rules/houseRules.ts',
  sparePercent: 'work/kit/kitList.ts',
  spareLeast: 'work/kit/kitList.ts',
}

test.each(ruleLines)('$id is read by the bench', ({ id }) => {
  const reader = readers[id]
  const code = readFileSync(new URL(`../../${reader}`, import.meta.url), 'utf8').replace(/\/\*[\s\S]*?\*\//g, '')
  expect(code).toMatch(new RegExp(`\\b${id}\\b`))
})
