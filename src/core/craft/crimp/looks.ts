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
    faults: ['indents-uneven', 'indents-off-band', 'under-crimped', 'over-crimped'],
  },
  'straight-round': { id: 'straight-round', when: 'after', faults: ['cracked', 'bent', 'out-of-round'] },
  'wings-closed': {
    id: 'wings-closed',
    when: 'after',
    faults: ['wings-open', 'strand-outside', 'over-crimped', 'under-crimped', 'strands-cut'],
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
  'section-square': { id: 'section-square', when: 'after', faults: ['under-crimped', 'over-crimped', 'cracked'] },
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
    faults: ['indent-on-seam', 'indents-off-band', 'under-crimped', 'over-crimped'],
  },
  'sleeve-intact': { id: 'sleeve-intact', when: 'after', faults: ['collar-torn', 'bent'] },
} as const satisfies Readonly<Record<LookCode, Look>>

export type Decision = 'redo' | 'scrap'

/** A defect: what is decided, the likeliest cause, the cure at its root. Words for the codes stand with the words. */
export interface Defect {
  readonly id: DefectCode
  /** redo: nothing is lost but the try; scrap: the contact (and its seal) goes */
  readonly decision: Decision
  readonly cause: CauseCode
  readonly cure: CureCode
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
export type CureCode =
  | 'strip-more'
  | 'strip-less'
  | 'set-wire-stop'
  | 'push-home'
  | 'lay-strands'
  | 'larger-notch'
  | 'check-positioner'
  | 'check-selector'
  | 'check-die'
  | 'hold-square'
  | 'verify-tool'
  | 'set-locator'
  | 'thread-seal'
  | 'seal-forward'
  | 'change-cutter'
  | 'turn-die'
  | 'turn-seam'

const defect = <const Id extends string>(
  id: Id,
  decision: Decision,
  cause: CauseCode,
  cure: CureCode,
  strip?: 'short' | 'long',
) => ({ id, decision, cause, cure, ...(strip && { strip }) }) as const

/** Before the stroke a fault costs a try; after it, the contact. A crimp is never crimped again to save it. */
export const defects = {
  'not-bottomed': defect('not-bottomed', 'redo', 'strip-long', 'strip-less', 'long'),
  'insulation-in-barrel': defect('insulation-in-barrel', 'redo', 'strip-short', 'strip-more', 'short'),
  'hole-empty': defect('hole-empty', 'scrap', 'strip-short', 'strip-more', 'short'),
  'gap-too-large': defect('gap-too-large', 'scrap', 'strip-long', 'strip-less', 'long'),
  'strand-outside': defect('strand-outside', 'scrap', 'strands-splayed', 'lay-strands'),
  'strands-cut': defect('strands-cut', 'scrap', 'notch-small', 'larger-notch'),
  'indents-uneven': defect('indents-uneven', 'scrap', 'tool-worn', 'verify-tool'),
  'indents-off-band': defect('indents-off-band', 'scrap', 'positioner-wrong', 'check-positioner'),
  'under-crimped': defect('under-crimped', 'scrap', 'selector-high', 'check-selector'),
  'over-crimped': defect('over-crimped', 'scrap', 'selector-low', 'check-selector'),
  cracked: defect('cracked', 'scrap', 'selector-low', 'check-selector'),
  bent: defect('bent', 'scrap', 'tool-tilted', 'hold-square'),
  'out-of-round': defect('out-of-round', 'scrap', 'tool-worn', 'verify-tool'),
  'wings-open': defect('wings-open', 'scrap', 'die-wrong', 'check-die'),
  'brush-too-short': defect('brush-too-short', 'scrap', 'not-pushed-home', 'push-home'),
  'brush-reaches-mating-part': defect('brush-reaches-mating-part', 'scrap', 'strip-long', 'strip-less', 'long'),
  'insulation-under-wings': defect('insulation-under-wings', 'scrap', 'pushed-too-deep', 'set-wire-stop'),
  'bare-under-insulation-wings': defect('bare-under-insulation-wings', 'scrap', 'strip-long', 'strip-less', 'long'),
  'insulation-loose': defect('insulation-loose', 'scrap', 'die-wrong', 'check-die'),
  'insulation-cut': defect('insulation-cut', 'scrap', 'die-wrong', 'check-die'),
  'seal-out-of-wings': defect('seal-out-of-wings', 'scrap', 'seal-slipped', 'seal-forward'),
  'seal-torn': defect('seal-torn', 'scrap', 'seal-slipped', 'seal-forward'),
  'seal-missing': defect('seal-missing', 'scrap', 'seal-forgotten', 'thread-seal'),
  'no-bell-mouth': defect('no-bell-mouth', 'scrap', 'die-reversed', 'turn-die'),
  'lance-down': defect('lance-down', 'scrap', 'locator-off', 'set-locator'),
  'tab-long': defect('tab-long', 'scrap', 'cut-off-dull', 'change-cutter'),
  'mating-part-deformed': defect('mating-part-deformed', 'scrap', 'locator-off', 'set-locator'),
  'tip-not-reached': defect('tip-not-reached', 'scrap', 'strip-short', 'strip-more', 'short'),
  'strands-past-tip': defect('strands-past-tip', 'scrap', 'strip-long', 'strip-less', 'long'),
  'collar-torn': defect('collar-torn', 'scrap', 'die-wrong', 'check-die'),
  'indent-on-seam': defect('indent-on-seam', 'scrap', 'seam-turned', 'turn-seam'),
} as const

export type DefectCode =
  | 'not-bottomed'
  | 'insulation-in-barrel'
  | 'hole-empty'
  | 'gap-too-large'
  | 'strand-outside'
  | 'strands-cut'
  | 'indents-uneven'
  | 'indents-off-band'
  | 'under-crimped'
  | 'over-crimped'
  | 'cracked'
  | 'bent'
  | 'out-of-round'
  | 'wings-open'
  | 'brush-too-short'
  | 'brush-reaches-mating-part'
  | 'insulation-under-wings'
  | 'bare-under-insulation-wings'
  | 'insulation-loose'
  | 'insulation-cut'
  | 'seal-out-of-wings'
  | 'seal-torn'
  | 'seal-missing'
  | 'no-bell-mouth'
  | 'lance-down'
  | 'tab-long'
  | 'mating-part-deformed'
  | 'tip-not-reached'
  | 'strands-past-tip'
  | 'collar-torn'
  | 'indent-on-seam'

/** The look at which a defect is found decides: a fault seen before the stroke never costs the contact. */
export function decide(defectId: DefectCode, look: LookCode): Defect {
  const found: Defect = defects[defectId]
  return looks[look].when === 'before'
    ? { ...found, decision: 'redo' }
    : found.decision === 'redo'
      ? { ...found, decision: 'scrap' }
      : found
}
