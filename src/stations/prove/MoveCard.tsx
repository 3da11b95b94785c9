import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { Caution } from '@/ui/caution/Caution'
import { useBusy } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { moveViewWords as words } from '@/words/screens/prove/moveView'
import { FoundAt } from './FoundAt'
import { MovedByHand } from './MovedByHand'
import styles from './MoveView.module.css'
import { Practice } from './Practice'
import type { useMoving } from './useMoving'

type Moving = ReturnType<typeof useMoving>

/** What the pedal does now. */
function mainOf(moving: Moving): { readonly words: string; readonly run: () => void } {
  const { running, chosen, steps, at, askedS, movedS, before } = moving
  if (!running) return { words: before ? words.moveAgain : words.startMoving(askedS), run: moving.startAll }
  if (chosen !== undefined) return { words: steps[at + 1] ? words.thenNext : words.stopAndWrite, run: moving.next }
  return { words: movedS >= askedS ? words.stopAndWrite : words.stopEarly(askedS - movedS), run: moving.stop }
}

/** What to move, for how long, and what was found. */
export function MoveCard({
  unit,
  moving,
  isDone,
}: {
  readonly unit: number
  readonly moving: Moving
  readonly isDone: boolean
}) {
  const busy = useBusy()
  const { ready, running, events, suspect, chosen, steps, at, found, before } = moving
  const main = mainOf(moving)
  const find = suspect === undefined || running ? undefined : () => moving.findPlace(suspect)
  useKeys([
    ...(ready ? [{ key: ' ', words: main.words, run: main.run }] : []),
    ...(running ? [{ key: 'Escape', words: words.stopAndWrite, run: moving.stop }] : []),
    ...(find && suspect !== undefined ? [{ key: 'p', words: words.findThePlace(suspect), run: find }] : []),
  ])
  return (
    <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.move}>
      <Caution id="meter-on-circuit" />
      <h2 className={clsx(textCss.cardTitle, events.length > 0 ? textCss.fault : isDone ? textCss.good : undefined)}>
        {!ready
          ? words.notAllSeated
          : suspect !== undefined
            ? words.oneIsEnough(suspect)
            : isDone
              ? words.silentFor(before?.seconds ?? 0)
              : running
                ? words.moveItAll
                : words.moveWhileWatched}
      </h2>
      {moving.message !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {moving.message}
        </p>
      )}
      {chosen !== undefined && running && (
        <ol className={styles.steps}>
          {steps.map((step, i) => {
            const contact = moving.contactAt(step.term)
            return (
              <li key={step.key} aria-current={i === at ? 'step' : undefined}>
                <span aria-hidden="true">{i < at ? '✓' : i === at ? '▸' : '○'}</span>{' '}
                {words.doIt(step, contact ? `${contact.end}.${contact.cavity}` : '')}
              </li>
            )
          })}
        </ol>
      )}
      {ready && (
        <Button variant="filled" disabled={busy} onClick={main.run}>
          <span>{main.words}</span> <Kbd aria-hidden="true">Space</Kbd>
        </Button>
      )}
      {ready && !running && <MovedByHand unit={unit} askedS={moving.askedS} />}
      {find && suspect !== undefined && (
        <Button disabled={busy} onClick={find}>
          <span>{words.findThePlace(suspect)}</span> <Kbd aria-hidden="true">P</Kbd>
        </Button>
      )}
      {!running && found?.contact && (
        <>
          <p className={clsx(noteCss.note, noteCss.attend)}>
            {words.likelyHere(`${found.contact.end}.${found.contact.cavity}`, found.count)}
          </p>
          <FoundAt contacts={[found.contact]} />
        </>
      )}
      <Practice unit={unit} />
      <div className={paneCss.sources}>
        <span>{words.anEventIs}</span>
      </div>
    </aside>
  )
}
