import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import type { CoverId, HousingLock } from '@/core/parts/catalogue/secondaryLocks'
import type { Tightening } from '@/core/record/standing/tightening'
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

/** A screw or nut is tightened: to what its sheet asks, with which driver, or by hand. */
export const tightenLine = (asked: Tightening, byHand: boolean, driver: string | undefined): CheckLine => ({
  id: 'tighten',
  words:
    asked.torqueNm === undefined ? (
      words.handTight(asked.what)
    ) : (
      <>
        {words.tightenTo(asked.what)} <b className={textCss.mono}>{words.torque(asked.torqueNm)}</b>
      </>
    ),
  hint:
    asked.torqueNm === undefined
      ? words.firmNotForced
      : byHand
        ? words.byFeel
        : `${words.driverSlips(driver)}; ${words.asItsSheetSays[asked.by ?? 'place']}`,
  seen: words.itIsTight,
})

/**
 * The steps of a mechanism's way in; where a tug means something at once, that is the last.
 * @param tighten the line of its screw or nut
 */
export function routineLines(
  family: FamilyFacts,
  tugN: number | undefined,
  retentionN?: number,
  tighten?: CheckLine,
): readonly CheckLine[] {
  const mechanism = releaseMechanisms[family.release]
  const tugNow = mechanism.tugMeans === 'when-in'
  return [
    ...mechanism.insert.map((step) =>
      step === 'tighten' && tighten
        ? tighten
        : {
            id: step,
            words: insertStepWords[step].act,
            hint:
              step === 'right-way-up' || step === 'straight-in'
                ? mechanism.insert.includes('right-way-up') === (step === 'right-way-up')
                  ? family.orientation
                  : undefined
                : insertStepWords[step].hint,
            seen: insertStepWords[step].seen,
          },
    ),
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
