import { amps, figure, mm2 } from '@/words/figures'

/** What `WireCard` says. */
export const wireCardWords = {
  isMoreThanThis: (loadA: number, allowedA: number, ambientC: number) =>
    `▲ ${amps(loadA)} is more than this wire carries here: ${amps(allowedA)} at ${String(ambientC)} °C`,
  leftInItsBundle: (bundleFactor: number) => `, ${figure(bundleFactor, 0)} % left in its bundle`,
  itDropsOf: (dropPercent: number) => `◆ It drops ${figure(dropPercent, 1)} % of`,
  vHouseRulesAllow: (dropLimitPercent: number) => `V; the house rules allow ${String(dropLimitPercent)} %.`,
  overInsulation: 'Over insulation',
  strandsOf: (strands: number, strandMm: number) => `${String(strands)} × ${String(strandMm)} mm`,
  awg: (metalMm2: number, formatAwg: string, less: string, abs: number) =>
    `${mm2(metalMm2)}, ${formatAwg} AWG ${less}${figure(abs, 0)} %`,
  notOnSheet: 'not on the sheet',
  loadOf: (noAllowedA: string) => `Load, of ${noAllowedA}`,
  dropThereAndBack: 'Drop, there and back',
  drop: (dropV: number) => `${figure(dropV, 3)} V`,
  wire: (document: string) => `Wire: ${document}`,
  notDeratedForBundle: 'Not derated for a bundle: say how many loaded wires lie in it.',
  from: 'From',
  toEnd: 'To',
  aTerminal: 'a terminal',
  twoWiresInOne: 'two wires in one contact',
  joinedThere: 'joined there',
  nothingAtThisSide: 'nothing at this side',
}
