import { plausible } from '../../base/units/plausible'
import type { PracticeId } from '../../parts/catalogue/practiceIds'
import { type QuantityFault, parseQuantity } from '../../base/units/parseQuantity'
import type { ChosenSet } from '../setup/chosenSet'
import { type StripVerdict, judgeStrip } from './stripWindow'
import type { Sighting, TrialAnswer, WhatIsWrong } from './trialAnswer'

/** A strip while hands are at it: what was written of it, what tries have cost, what is seen of it in the contact. */
export interface StripForm {
  /** the length as it was measured, and written; nothing when nobody has measured it */
  readonly stripText: string
  /** what a length is in that is written without a unit; mm when left out */
  readonly unit?: string | undefined
  /** strands that were lost, as it is written */
  readonly lostText: string
  /** wire that tries before this strip have cost, mm */
  readonly usedMm: number
  /** what was done that the rules want to know */
  readonly practices: readonly PracticeId[]
  /** it is held in the contact, and looked at */
  readonly trying: boolean
  readonly seen: Sighting | undefined
  /** how much of it, as it is written */
  readonly seenText: string
  /** the answer to what is asked besides */
  readonly wrong: WhatIsWrong | undefined
}

export type StripMove =
  | { readonly kind: 'strip-written'; readonly text: string; readonly unit?: string | undefined }
  | { readonly kind: 'lost-written'; readonly text: string }
  | { readonly kind: 'practice-ticked'; readonly practice: PracticeId; readonly on: boolean }
  | { readonly kind: 'trial-begun' }
  | { readonly kind: 'trial-left' }
  | { readonly kind: 'seen'; readonly sighting: Sighting | undefined }
  | { readonly kind: 'seen-written'; readonly text: string; readonly unit?: string | undefined }
  | { readonly kind: 'asked'; readonly wrong: WhatIsWrong }
  /** what the trial advised was done, on a strip that is not written down yet: what was measured before holds no more */
  | { readonly kind: 'advice-followed'; readonly answer: TrialAnswer }
  /** it stands in the record: what is stripped here next has been measured by nobody, and has cost nothing yet */
  | { readonly kind: 'recorded' }

const nothingSeen = { seen: undefined, seenText: '', wrong: undefined } as const

/** What a strip begins with: nobody has measured it. */
export const beginStrip = (set: Pick<ChosenSet, 'foldBack'>): StripForm => ({
  stripText: '',
  lostText: '0',
  usedMm: 0,
  practices: set.foldBack ? ['fold-back'] : [],
  trying: false,
  ...nothingSeen,
})

/** The advice that changes the wire; the rest is only said. */
export const mendOf = ({ do: advice }: TrialAnswer): 'strip-more' | 'trim-conductor' | 'cut-back' | undefined =>
  advice === 'strip-more' || advice === 'trim-conductor' || advice === 'cut-back' ? advice : undefined

export function stripForm(form: StripForm, move: StripMove): StripForm {
  switch (move.kind) {
    case 'strip-written':
      return { ...form, stripText: move.text, unit: move.unit }
    case 'lost-written':
      return { ...form, lostText: move.text }
    case 'practice-ticked': {
      const others = form.practices.filter((one) => one !== move.practice)
      return { ...form, practices: move.on ? [...others, move.practice] : others }
    }
    case 'trial-begun':
      return { ...form, trying: true }
    case 'trial-left':
      return { ...form, trying: false, ...nothingSeen }
    case 'seen':
      return { ...form, ...nothingSeen, seen: move.sighting }
    case 'seen-written':
      return { ...form, seenText: move.text, unit: move.unit }
    case 'asked':
      return { ...form, wrong: move.wrong }
    case 'recorded':
      return { ...form, stripText: '', lostText: '0', usedMm: 0, trying: false, ...nothingSeen }
    case 'advice-followed': {
      const back = { ...form, trying: false, ...nothingSeen }
      const mend = mendOf(move.answer)
      if (!mend) return back
      return {
        ...back,
        stripText: '',
        // cut back, the strands that were lost are off
        lostText: mend === 'cut-back' ? '0' : form.lostText,
        usedMm: form.usedMm + move.answer.costMm,
      }
    }
  }
}

/** What a form says, and whether a strip can be written down so. */
export interface StripReading {
  /** as measured; undefined when nothing, or nothing readable, is written */
  readonly stripMm: number | undefined
  readonly fault: QuantityFault | undefined
  readonly verdict: StripVerdict | undefined
  /** undefined when it is no count */
  readonly lost: number | undefined
  readonly tooManyLost: boolean
  readonly good: boolean
}

/** @param allowance strands that may be lost under the house rules */
export function readStripForm(
  { stripText, lostText, unit }: StripForm,
  window: ChosenSet['strip'],
  allowance: number,
): StripReading {
  // an empty field is a strip that nobody measured: the stop was set, and that is what is written down
  const read =
    stripText.trim() === '' ? undefined : parseQuantity(stripText, 'length', { plausible: plausible.stripMm, unit })
  const stripMm = read?.ok ? read.value : undefined
  const verdict = stripMm === undefined ? undefined : judgeStrip(stripMm, window)
  const lost = /^\d{1,3}$/.test(lostText) ? Number(lostText) : undefined
  const tooManyLost = lost !== undefined && lost > allowance
  return {
    stripMm,
    fault: read && !read.ok ? read.fault : undefined,
    verdict,
    lost,
    tooManyLost,
    good: (read === undefined || verdict?.kind === 'inside') && lost !== undefined && !tooManyLost,
  }
}
