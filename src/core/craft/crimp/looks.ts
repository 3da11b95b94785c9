import type { LookCode } from '../../parts/catalogue/lookCodes'

/**
 * What is looked at on a crimp, grouped so that one turn of the piece answers one look.
 * `faults` are the defects that this look can find, the likeliest first.
 */
export interface Look {
  readonly id: LookCode
  readonly when: 'before' | 'after'
  readonly faults: readonly DefectCode[]
}

export const looks = {
  'bottomed-hard': { id: 'bottomed-hard', when: 'before', faults: ['not-bottomed', 'insulation-in-barrel'] },
  'strands-in-hole': { id: 'strands-in-hole', when: 'after', faults: ['hole-empty'] },
  'gap-and-strands': {
    id: 'gap-and-strands',
    when: 'after',
    faults: ['gap-too-large', 'insulation-in-barrel', 'strand-outside', 'strands-cut'],
  },
  'indents-even': {
    id: 'indents-even',
    when: 'after',
    faults: ['indents-uneven', 'indents-off-band', 'under-crimped', 'over-crimped', 'stroke-stopped'],
  },
  'straight-round': { id: 'straight-round', when: 'after', faults: ['cracked', 'bent', 'out-of-round'] },
  'wings-closed': {
    id: 'wings-closed',
    when: 'after',
    faults: ['wings-open', 'strand-outside', 'over-crimped', 'under-crimped', 'strands-cut', 'stroke-stopped'],
  },
  'brush-shows': { id: 'brush-shows', when: 'after', faults: ['brush-too-short', 'brush-reaches-mating-part'] },
  'insulation-edge': {
    id: 'insulation-edge',
    when: 'after',
    faults: ['insulation-under-wings', 'bare-under-insulation-wings'],
  },
  'insulation-held': { id: 'insulation-held', when: 'after', faults: ['insulation-loose', 'insulation-cut'] },
  'seal-in-wings': { id: 'seal-in-wings', when: 'after', faults: ['seal-out-of-wings', 'seal-torn', 'seal-missing'] },
  'contact-straight': {
    id: 'contact-straight',
    when: 'after',
    faults: ['bent', 'no-bell-mouth', 'lance-down', 'tab-long', 'mating-part-deformed'],
  },
  'tip-reached': { id: 'tip-reached', when: 'after', faults: ['tip-not-reached', 'strands-past-tip'] },
  'all-strands-inside': { id: 'all-strands-inside', when: 'after', faults: ['strand-outside', 'strands-cut'] },
  'collar-at-insulation': { id: 'collar-at-insulation', when: 'after', faults: ['gap-too-large', 'collar-torn'] },
  'section-square': {
    id: 'section-square',
    when: 'after',
    faults: ['under-crimped', 'over-crimped', 'cracked', 'stroke-stopped'],
  },
  'conductor-shows': { id: 'conductor-shows', when: 'after', faults: ['tip-not-reached', 'strands-past-tip'] },
  'stop-reached': { id: 'stop-reached', when: 'after', faults: ['tip-not-reached'] },
  'insulation-at-barrel': {
    id: 'insulation-at-barrel',
    when: 'after',
    faults: ['gap-too-large', 'insulation-in-barrel', 'strand-outside'],
  },
  'indent-in-place': {
    id: 'indent-in-place',
    when: 'after',
    faults: ['indent-on-seam', 'indents-off-band', 'under-crimped', 'over-crimped', 'stroke-stopped'],
  },
  'sleeve-intact': { id: 'sleeve-intact', when: 'after', faults: ['collar-torn', 'bent'] },
  'holds-by-hand': { id: 'holds-by-hand', when: 'after', faults: ['came-off'] },
  'pin-goes-home': {
    id: 'pin-goes-home',
    when: 'after',
    faults: ['brush-reaches-mating-part', 'mating-part-deformed'],
  },
} as const satisfies Readonly<Record<LookCode, Look>>

export type Decision = 'redo' | 'scrap'

/** A defect: what is decided, and what can be behind it. Words for the codes stand with the words. */
export interface Defect {
  readonly id: DefectCode
  /** redo: nothing is lost but the try; scrap: the contact (and its seal) goes */
  readonly decision: Decision
  /** the likeliest first */
  readonly causes: readonly [CauseCode, ...CauseCode[]]
  /** which way the strip was wrong, where it was the strip */
  readonly strip?: 'short' | 'long'
}

export type CauseCode =
  | 'strip-short'
  | 'strip-long'
  | 'pushed-too-deep'
  | 'not-pushed-home'
  | 'strands-splayed'
  | 'notch-small'
  | 'positioner-wrong'
  | 'selector-high'
  | 'selector-low'
  | 'die-wrong'
  | 'tool-tilted'
  | 'tool-worn'
  | 'locator-off'
  | 'seal-slipped'
  | 'seal-forgotten'
  | 'cut-off-dull'
  | 'die-reversed'
  | 'seam-turned'
  | 'tool-jammed'
  | 'let-go-early'
const defect = <const Id extends string>(
  id: Id,
  decision: Decision,
  causes: readonly [CauseCode, ...CauseCode[]],
  strip?: 'short' | 'long',
) => ({ id, decision, causes, ...(strip && { strip }) })

/** Before the stroke a fault costs a try; after it, the contact. A crimp is never crimped again to save it. */
export const defects = {
  'not-bottomed': defect('not-bottomed', 'redo', ['strip-long', 'not-pushed-home', 'strands-splayed'], 'long'),
  'insulation-in-barrel': defect('insulation-in-barrel', 'redo', ['strip-short', 'pushed-too-deep'], 'short'),
  'hole-empty': defect('hole-empty', 'scrap', ['strip-short', 'not-pushed-home', 'strands-splayed'], 'short'),
  'gap-too-large': defect('gap-too-large', 'scrap', ['strip-long', 'not-pushed-home'], 'long'),
  'strand-outside': defect('strand-outside', 'scrap', ['strands-splayed', 'notch-small']),
  'strands-cut': defect('strands-cut', 'scrap', ['notch-small', 'selector-low', 'die-wrong']),
  'indents-uneven': defect('indents-uneven', 'scrap', ['tool-worn', 'positioner-wrong', 'tool-tilted']),
  'indents-off-band': defect('indents-off-band', 'scrap', ['positioner-wrong', 'not-pushed-home', 'locator-off']),
  'under-crimped': defect('under-crimped', 'scrap', ['selector-high', 'die-wrong', 'tool-worn']),
  'over-crimped': defect('over-crimped', 'scrap', ['selector-low', 'die-wrong']),
  cracked: defect('cracked', 'scrap', ['selector-low', 'die-wrong', 'positioner-wrong']),
  bent: defect('bent', 'scrap', ['tool-tilted', 'locator-off', 'die-wrong']),
  'out-of-round': defect('out-of-round', 'scrap', ['tool-worn']),
  'wings-open': defect('wings-open', 'scrap', ['die-wrong', 'tool-worn', 'die-reversed']),
  'brush-too-short': defect('brush-too-short', 'scrap', ['not-pushed-home', 'strip-short', 'locator-off']),
  'brush-reaches-mating-part': defect('brush-reaches-mating-part', 'scrap', ['strip-long', 'pushed-too-deep'], 'long'),
  'insulation-under-wings': defect('insulation-under-wings', 'scrap', [
    'pushed-too-deep',
    'strip-short',
    'locator-off',
  ]),
  'bare-under-insulation-wings': defect(
    'bare-under-insulation-wings',
    'scrap',
    ['strip-long', 'not-pushed-home', 'locator-off'],
    'long',
  ),
  'insulation-loose': defect('insulation-loose', 'scrap', ['die-wrong', 'die-reversed', 'not-pushed-home']),
  'insulation-cut': defect('insulation-cut', 'scrap', ['die-wrong', 'die-reversed']),
  'seal-out-of-wings': defect('seal-out-of-wings', 'scrap', ['seal-slipped']),
  'seal-torn': defect('seal-torn', 'scrap', ['seal-slipped', 'die-wrong']),
  'seal-missing': defect('seal-missing', 'scrap', ['seal-forgotten']),
  'no-bell-mouth': defect('no-bell-mouth', 'scrap', ['die-reversed', 'locator-off', 'die-wrong']),
  'lance-down': defect('lance-down', 'scrap', ['locator-off', 'die-wrong']),
  'tab-long': defect('tab-long', 'scrap', ['cut-off-dull']),
  'mating-part-deformed': defect('mating-part-deformed', 'scrap', ['locator-off', 'die-wrong']),
  'tip-not-reached': defect('tip-not-reached', 'scrap', ['strip-short', 'not-pushed-home'], 'short'),
  'strands-past-tip': defect('strands-past-tip', 'scrap', ['strip-long', 'pushed-too-deep'], 'long'),
  'collar-torn': defect('collar-torn', 'scrap', ['die-wrong', 'locator-off']),
  'indent-on-seam': defect('indent-on-seam', 'scrap', ['seam-turned']),
  'stroke-stopped': defect('stroke-stopped', 'scrap', ['die-wrong', 'tool-jammed', 'let-go-early']),
  'came-off': defect('came-off', 'scrap', ['selector-high', 'die-wrong', 'not-pushed-home', 'strip-short']),
} as const

export type DefectCode = keyof typeof defects

/** The look at which a defect is found decides: a fault seen before the stroke never costs the contact. */
export function decide(defectId: DefectCode, look: LookCode): Defect {
  const found: Defect = defects[defectId]
  return looks[look].when === 'before'
    ? { ...found, decision: 'redo' }
    : found.decision === 'redo'
      ? { ...found, decision: 'scrap' }
      : found
}
