/** What `RuleField` says. */
export const ruleFieldWords = {
  allowedRecorded: 'allowed, recorded',
  lower: (label: string) => `${label}, from`,
  upper: (label: string) => `${label}, to`,
  outOfRange: (min: number, max: number) => `▲ ${String(min)} to ${String(max)}`,
  gapAtClosedBarrel: 'Gap at a closed barrel',
  fixedBand: 'a fixed band',
  upToHalfInsulation: 'up to half the insulation',
  touchingBarrel: 'touching the barrel',
  gapFrom: 'Gap, from',
  gapTo: 'Gap, to',
  wiresUpToPercent: 'wires up to: percent left',
  deratingInBundle: 'Derating in a bundle',
  linesLike: '▲ Lines like 6: 80',
}
