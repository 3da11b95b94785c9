import { Button, Kbd, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { plausible } from '@/core/base/units/plausible'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import type { SegmentTask } from '@/core/work/close/closeTasks'
import { useCallOut } from '@/ui/callOut/callOut'
import cardCss from '@/ui/card/card.module.css'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { bundleLineWords } from '@/words/closing'
import { bareUnit } from '@/words/benchUnits'
import { mm } from '@/words/figures'
import { quantityWords, understoodAs } from '@/words/quantity'
import { segmentCardWords as words } from '@/words/screens/close/segmentCard'

/** One stretch: its ties and labels ticked one by one, then its length as it is found. */
export function SegmentCard({ task, done }: { readonly task: SegmentTask; readonly done: () => void }) {
  const { append } = useJob()
  const busy = useBusy()
  const { unit, lines, board, length, lengthGood } = task
  const { segment, noPlace, tooShort } = board
  const due = lines.find(({ found }) => !found)
  const [text, setText] = useState('')
  const help = { plausible: plausible.wireLengthMm, unit: bareUnit('length') }
  const read = parseQuantity(text, 'length', help)
  const needsLength = segment.toleranceMm !== undefined && lengthGood !== true
  const left = lines.filter(({ found }) => !found).length
  const put = (result: 'done' | 'no-place') => {
    if (!due || busy) return
    void append({ kind: 'bundle-made', unit, segment: segment.id, what: due.what, atMm: due.atMm, result }).then(
      (written) => written && left === 1 && !needsLength && done(),
    )
  }
  const dueWords = due && bundleLineWords(due)
  useCallOut(due && `${bundleLineWords(due).main} ${mm(due.atMm, 0)}`)
  useKeys(
    due
      ? [
          { key: ' ', words: words.isOn(due.knot ? 'knot' : due.what), run: () => put('done') },
          { key: 'x', words: words.noPlaceHere, run: () => put('no-place') },
        ]
      : needsLength
        ? []
        : [{ key: ' ', words: words.goOn, run: done }],
  )
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : undefined)}>
        {words.stretch(segment.id, segment.from, segment.to)}
      </h2>
      {noPlace && (
        <p className={clsx(noteCss.note, noteCss.caution)}>
          ◆ {words.noPlaceFor(mm(noPlace.fromMm, 0), mm(noPlace.toMm, 0))}
        </p>
      )}
      {tooShort && <p className={textCss.dim}>{words.tooShortForOne}</p>}
      {lines.length > 0 && (
        <ol className={cardCss.checks} aria-label={words.tiesFrom(segment.from)}>
          {lines.map((line) => (
            <li
              key={`${line.what} ${String(line.atMm)}`}
              className={cardCss.check}
              data-due={line === due}
              aria-current={line === due ? 'step' : undefined}
            >
              <span aria-hidden="true" className={line.found ? textCss.good : line === due ? textCss.act : textCss.dim}>
                {line.found ? (line.found.result === 'done' ? '✓' : '–') : line === due ? '▸' : '○'}
              </span>
              <span>{bundleLineWords(line).main}</span>
              <b className={textCss.mono}>{mm(line.atMm, 0)}</b>
            </li>
          ))}
        </ol>
      )}
      {due ? (
        <>
          {dueWords?.how !== undefined && <p>{dueWords.how}</p>}
          <Button variant="filled" disabled={busy} onClick={() => put('done')}>
            <span>{words.isOn(due.knot ? 'knot' : due.what)}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
          <Button disabled={busy} onClick={() => put('no-place')}>
            <span>{words.noPlaceHere}</span> <Kbd aria-hidden="true">X</Kbd>
          </Button>
        </>
      ) : (
        needsLength || (
          <Button variant="filled" onClick={done}>
            <span>{words.goOn}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )
      )}
      <form
        className={paneCss.choices}
        onSubmit={(event) => {
          event.preventDefault()
          if (read.ok && !busy)
            void append({
              kind: 'length-found',
              unit,
              segment: segment.id,
              lengthMm: Math.round(read.value * 10) / 10,
            }).then((written) => written && setText(''))
        }}
      >
        <TextInput
          label={words.lengthIs(segment.from, segment.to)}
          description={
            understoodAs(text, 'length', help) ??
            words.asked(
              mm(segment.lengthMm, 0),
              segment.toleranceMm === undefined ? undefined : mm(segment.toleranceMm, 0),
            )
          }
          value={text}
          inputMode="decimal"
          onChange={(event) => setText(event.target.value)}
          error={text !== '' && !read.ok ? quantityWords(read.fault, 'length') : undefined}
        />
        {length && (
          <p className={lengthGood === false ? textCss.fault : textCss.good}>
            {lengthGood === false ? '▲' : '✓'} {words.found(mm(length.lengthMm, 0), lengthGood)}
          </p>
        )}
      </form>
    </>
  )
}
