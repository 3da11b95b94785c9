import type { Range } from '@/core/base/range'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import type { ThreadItem } from '@/core/record/standing/threadFirst'
import type { CheckLine } from '@/ui/card/CheckList'
import { threadWords } from '@/words/crimp'
import { mm, mmRange } from '@/words/figures'
import { stripLineWords as words } from '@/words/screens/prep/prepItem'
import textCss from '@/ui/text/text.module.css'

/** The line that eyes answer; all before it is what hands do. */
const LOOK = 'strands'

/** What hands do to a wire before it is looked at, of its lines. */
export const handWork = (lines: readonly CheckLine[]): readonly string[] =>
  lines.flatMap(({ id }) => (id === LOOK ? [] : [id]))

/** What is ticked before a wire is prepared: cut, what goes on first, strip, strands. */
export function stripLines({
  wire,
  cutMm,
  isCut,
  thread,
  set,
  allowance,
  several,
  wires,
  sealAt,
}: {
  readonly wire: { readonly id: string; readonly lengthMm: number }
  readonly cutMm: number
  readonly isCut: boolean
  readonly thread: readonly ThreadItem[]
  readonly set: ChosenSet
  /** strands that may be lost */
  readonly allowance: number
  /** a set of alike pieces is ticked together */
  readonly several: boolean
  /** so many are cut */
  readonly wires: number
  /** insulation that shows before the seal, where one goes into the wings */
  readonly sealAt: Range | undefined
}): CheckLine[] {
  const cut: CheckLine = {
    id: 'cut',
    words: (
      <>
        {words.cutTo} <b className={textCss.mono}>{words.mm(cutMm)}</b>
      </>
    ),
    hint: wires > 1 ? words.wires(wires) : cutMm > wire.lengthMm ? words.slack(wire.lengthMm) : undefined,
    seen: words.isCut,
  }
  const fold: CheckLine = { id: 'fold', words: words.fold, hint: words.foldRecorded, seen: words.isFolded }
  return [
    ...(isCut ? [] : [cut]),
    ...thread.map((item) => threadLine(item, several ? undefined : wire.id)),
    {
      id: 'strip',
      words: (
        <>
          {words.strip} <b className={textCss.mono}>{words.mm2(set.strip.minMm, set.strip.maxMm)}</b>
        </>
      ),
      hint: words.unsure,
      seen: words.isStripped,
    },
    ...(set.foldBack ? [fold] : []),
    ...(sealAt && set.seal !== undefined ? [sealLine(sealAt)] : []),
    { id: LOOK, words: words.strands, hint: words.strandsHint(allowance), seen: words.areWhole },
  ]
}

const sealLine = (sealAt: Range): CheckLine => ({
  id: 'seal-place',
  words: (
    <>
      {words.sealForward} <b className={textCss.mono}>{mmRange(sealAt.minMm, sealAt.maxMm, 1)}</b> {words.showsBefore}
    </>
  ),
  hint: words.sealEstimate,
  seen: words.sealIsThere,
})

const threadLine = (item: ThreadItem, wire: string | undefined): CheckLine => ({
  id: item.code,
  words: (
    <>
      {threadWords[item.code]}
      {item.part !== undefined && (
        <>
          {' '}
          <b className={textCss.figure}>{item.part}</b>
        </>
      )}
      {item.backMm !== undefined && (
        <>
          , <b className={textCss.mono}>{mm(item.backMm, 0)}</b>
        </>
      )}
    </>
  ),
  hint: item.code === 'label' ? (wire === undefined ? words.eachSaysItsOwn : words.says(wire)) : undefined,
  seen: words.isOn,
})
