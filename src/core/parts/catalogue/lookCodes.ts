/** What can be looked at on a piece. A contact names its looks; what each of them finds stands with the craft. */
export const lookCodes = [
  'bottomed-hard',
  'strands-in-hole',
  'gap-and-strands',
  'indents-even',
  'straight-round',
  'wings-closed',
  'brush-shows',
  'insulation-edge',
  'insulation-held',
  'seal-in-wings',
  'contact-straight',
  'tip-reached',
  'all-strands-inside',
  'collar-at-insulation',
  'section-square',
  'conductor-shows',
  'stop-reached',
  'insulation-at-barrel',
  'indent-in-place',
  'sleeve-intact',
  'holds-by-hand',
  'pin-goes-home',
] as const

export type LookCode = (typeof lookCodes)[number]
