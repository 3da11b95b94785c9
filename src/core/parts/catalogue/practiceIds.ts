/** What some benches do besides and others forbid. A contact names those that can be done on it; what each is stands with the craft. */
export const practiceIds = [
  'side-cutters',
  'fold-back',
  'lubricant',
  'easing-wings',
  'second-stroke',
  'finishing-squeeze',
  'straightening',
  'brush-trimming',
  'solder',
] as const

export type PracticeId = (typeof practiceIds)[number]
