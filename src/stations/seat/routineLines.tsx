import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import type { CoverId, HousingLock } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyFacts } from '@/core/parts/catalogue/types'
import type { CheckLine } from '@/ui/card/CheckList'
import { insertStepWords } from '@/words/release'
import { beforeFirstWords, coverActs } from '@/words/lock'
import textCss from '@/ui/text/text.module.css'

/** Covers that are opened before a contact can go in. */
export const coverLines = (covers: readonly CoverId[], lock: HousingLock): readonly CheckLine[] =>
  covers.map((cover) => ({
    id: cover,
    words: coverActs(cover, lock).open,
    hint: words.itIsClosedOpen,
    seen: words.itIsOpen,
  }))

/** Where the covers must stand before the first contact of an end goes in. */
export const beforeFirstLines = (covers: readonly CoverId[], lock: HousingLock): readonly CheckLine[] =>
  covers.map((cover) => ({
    id: cover,
    words: beforeFirstWords(cover, lock),
    hint: words.beforeFirstContact,
    seen: words.itStandsSo,
  }))

/** The steps of a mechanism's way in; where a click can be tugged, that is the last. */
export function routineLines(family: FamilyFacts, tugN: number | undefined, retentionN?: number): readonly CheckLine[] {
  const mechanism = releaseMechanisms[family.release]
  const tugNow = mechanism.tugMeans === 'after-click'
  return [
    ...mechanism.insert.map((step) => ({
      id: step,
      words: insertStepWords[step].act,
      hint:
        step === 'right-way-up' || step === 'straight-in'
          ? mechanism.insert.includes('right-way-up') === (step === 'right-way-up')
            ? family.orientation
            : undefined
          : insertStepWords[step].hint,
      seen: insertStepWords[step].seen,
    })),
    ...(tugNow
      ? [
          {
            id: 'tug',
            words:
              tugN === undefined ? (
                words.lightTugItsRetention
              ) : (
                <>
                  {words.lightTug} <b className={textCss.mono}>{words.tugForce(tugN)}</b>
                  {words.noMore}
                </>
              ),
            seen: words.itHeld,
          },
        ]
      : []),
    ...(tugNow && retentionN !== undefined
      ? [
          {
            id: 'retention',
            words: (
              <>
                {words.gaugeAt} <b className={textCss.mono}>{words.tugForce(retentionN)}</b>
                {words.itStays}
              </>
            ),
            hint: words.gaugeHow,
            seen: words.gaugeHeld,
          },
        ]
      : []),
  ]
}
