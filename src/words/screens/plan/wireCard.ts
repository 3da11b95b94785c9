import { ampsApart, apart, figure, mm, mm2 } from '@/words/figures'

/** What `WireCard` says. */
export const wireCardWords = {
  isMoreThanThis: (loadA: number, allowedA: number, ambientC: number) => {
    const [load, allowed] = ampsApart(loadA, allowedA)
    return `▲ ${load} is more than this wire carries here: ${allowed} at ${String(ambientC)} °C`
  },
  leftInItsBundle: (bundleFactor: number) => `, ${figure(bundleFactor, 0)} % left in its bundle`,
  protectiveColours: (colour: string) =>
    `${colour} is kept for protective earth: this wire has another duty. Give it other colours.`,
  itDropsOf: (dropPercent: number, limitPercent: number) => `◆ It drops ${apart(dropPercent, limitPercent, 1)[0]} % of`,
  vHouseRulesAllow: (dropLimitPercent: number) => `V; the house rules allow ${String(dropLimitPercent)} %.`,
  overInsulation: 'Over insulation',
  strandsOf: (strands: number, strandMm: number) => `${String(strands)} × ${mm(strandMm)}`,
  awg: (metalMm2: number, formatAwg: string, less: string, abs: number) =>
    `${mm2(metalMm2)}, ${formatAwg} AWG ${less}${figure(abs, 0)} %`,
  notOnSheet: 'not on the sheet',
  loadOf: (noAllowedA: string) => `Load, of ${noAllowedA}`,
  dropThereAndBack: (loadedC: number | undefined, ambientC: number, contactsV: number) =>
    `Drop, there and back, ${loadedC === undefined ? `at ${figure(ambientC, 0)} °C ambient` : `conductor at ${figure(loadedC, 0)} °C`}${contactsV > 0 ? `, contacts ${figure(contactsV, 3)} V of it` : ', contacts not chosen yet'}`,
  drop: (dropV: number) => `${figure(dropV, 3)} V`,
  wire: (document: string) => `Wire: ${document}`,
  notDerated: 'Its highest temperature is on no sheet: plain rating, not derated. ',
  notDeratedForBundle: 'Not derated for a bundle: say how many loaded wires lie in it.',
  bundleTable:
    'Bundle: the house rules’ factors. Those that ship are of NEC table 310.15(C)(1), which is about building wiring; general figures here.',
  neighbours: 'Loaded neighbours in one connector are not derated for: no family’s sheet here says by how much.',
  from: (wire: string) => `From: its end ${wire}a`,
  toEnd: (wire: string) => `To: its end ${wire}b`,
  aTerminal: 'a terminal',
  twoWiresInOne: 'two wires in one contact',
  joinedThere: 'joined there',
  nothingAtThisSide: 'nothing at this side',
}
