import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import type { ThreadItem } from '@/core/record/standing/threadFirst'
import type { CheckLine } from '@/ui/card/CheckList'
import textCss from '@/ui/text/text.module.css'
import { threadWords } from '@/words/crimp'
import { figure, mm, range } from '@/words/figures'
import { stripLineWords as words } from '@/words/prepStation'

/** What is ticked before a wire is prepared: cut, what goes on first, strip, strands. */
export function stripLines({
  wire,
  cutMm,
  isCut,
  thread,
  set,
  allowance,
}: {
  readonly wire: { readonly id: string; readonly lengthMm: number }
  readonly cutMm: number
  readonly isCut: boolean
  readonly thread: readonly ThreadItem[]
  readonly set: ChosenSet
  /** strands that may be lost */
  readonly allowance: number
}): CheckLine[] {
  const cut: CheckLine = {
    id: 'cut',
    words: (
      <>
        {words.cutTo} <b className={textCss.mono}>{figure(cutMm, 0)} mm</b>
      </>
    ),
    hint: cutMm > wire.lengthMm ? words.slack(wire.lengthMm) : undefined,
    seen: words.isCut,
  }
  const fold: CheckLine = { id: 'fold', words: words.fold, hint: words.foldRecorded, seen: words.isFolded }
  return [
    ...(isCut ? [] : [cut]),
    ...thread.map((item) => threadLine(item, wire.id)),
    {
      id: 'strip',
      words: (
        <>
          {words.strip} <b className={textCss.mono}>{range(set.strip.minMm, set.strip.maxMm, 1)} mm</b>
        </>
      ),
      hint: words.unsure,
      seen: words.isStripped,
    },
    ...(set.foldBack ? [fold] : []),
    { id: 'strands', words: words.strands, hint: words.strandsHint(allowance), seen: words.areWhole },
  ]
}

const threadLine = (item: ThreadItem, wire: string): CheckLine => ({
  id: item.code,
  words: (
    <>
      {threadWords[item.code]}
      {item.part !== undefined && (
        <>
          {' '}
          <b className={textCss.mono}>{item.part}</b>
        </>
      )}
      {item.backMm !== undefined && (
        <>
          , <b className={textCss.mono}>{mm(item.backMm, 0)}</b>
        </>
      )}
    </>
  ),
  hint: item.code === 'label' ? words.says(wire) : undefined,
  seen: words.isOn,
})
