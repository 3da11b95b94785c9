import { Button, Kbd, NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { OTHER_SIZE } from '@/core/craft/photo/photoForm'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { figure } from '@/words/figures'
import { knownSizeWords, photoQuestionWords } from '@/words/photoMeasure'
import { measurePhotoWords as words } from '@/words/screens/photo/measurePhoto'
import type { usePhotoMeasure } from './usePhotoMeasure'
import styles from './MeasurePhoto.module.css'

/** What is asked of a photo: what is measured, what gives the scale, which point is to be put next. */
export function MeasureCard({
  measure: { questions, sizes, form, move, reading },
  name,
  busy,
  use,
  close,
}: {
  readonly measure: ReturnType<typeof usePhotoMeasure>
  /** what is measured, in words */
  readonly name: string
  readonly busy: boolean
  readonly use: () => void
  readonly close: () => void
}) {
  const { question, size, found, measured, nextPoint } = reading
  const ends = [
    [0, size ? knownSizeWords[size.id] : words.other],
    [2, question ? photoQuestionWords[question.id].between : ''],
  ] as const
  return (
    <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.measure}>
      <h2 className={textCss.cardTitle}>{words.title(name)}</h2>
      <NativeSelect
        label={words.what}
        value={form.asked}
        data={questions.map(({ id }) => ({ value: id, label: photoQuestionWords[id].name }))}
        onChange={(event) => {
          const asked = questions.find(({ id }) => id === event.target.value)?.id
          if (asked) move({ kind: 'question-chosen', asked })
        }}
      />
      <NativeSelect
        label={words.known}
        value={form.known}
        data={[
          ...sizes.map(({ id, mm }) => ({ value: id, label: `${knownSizeWords[id]}, ${figure(mm, 2)} mm` })),
          { value: OTHER_SIZE, label: words.otherSize },
        ]}
        onChange={(event) =>
          move({
            kind: 'size-chosen',
            known: sizes.find(({ id }) => id === event.target.value)?.id ?? OTHER_SIZE,
          })
        }
      />
      {!size && (
        <TextInput
          label={words.size}
          value={form.typed}
          onChange={(event) => move({ kind: 'size-typed', text: event.target.value })}
        />
      )}
      <div className={styles.points} role="group" aria-label={words.movePoint}>
        {form.points.map((_, point) => (
          <Button
            key={point}
            aria-pressed={point === form.chosen}
            aria-label={words.point(point + 1)}
            onClick={() => move({ kind: 'point-chosen', point })}
          >
            {form.placed.includes(point) ? '✓' : ''} {point + 1}
          </Button>
        ))}
      </div>
      {ends.map(([point, what]) => (
        <p key={point} className={form.chosen === point || form.chosen === point + 1 ? textCss.bigWords : textCss.dim}>
          {words.ends(point + 1, what)}
        </p>
      ))}
      {found?.kind === 'scale-too-short' && (
        <p className={clsx(noteCss.note, noteCss.attend)}>◆ {words.tooShort(found.leastPx)}</p>
      )}
      <Button variant="filled" disabled={busy || (nextPoint === undefined && !measured)} onClick={use}>
        <span>{nextPoint === undefined ? words.use(name) : words.putPoint(nextPoint + 1)}</span>{' '}
        <Kbd aria-hidden="true">Space</Kbd>
      </Button>
      <Button onClick={close}>
        <span>{words.doNotUse}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
      <p className={clsx(textCss.small, textCss.dim)}>{words.drag}</p>
      <div className={paneCss.sources}>{words.kept}</div>
    </aside>
  )
}
