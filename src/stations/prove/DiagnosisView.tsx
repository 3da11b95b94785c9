import { Button, Kbd, Loader } from '@mantine/core'
import clsx from 'clsx'
import { useEffect, useMemo, useState } from 'react'
import type { Diagnosis, DiagnosisInput, Mistake, MistakePlace } from '@/core/craft/diagnosis/diagnosisTypes'
import { housingOf } from '@/core/record/plan/facts'
import { cavityKey } from '@/core/record/plan/keys'
import { planIndex } from '@/core/record/plan/plan'
import { netDiagnosis } from '@/core/work/prove/netDiagnosis'
import { FaceDrawing, type FaceCavity } from '@/ui/face/FaceDrawing'
import { useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { mistakeTitle } from '@/words/diagnosis'
import { diagnosisViewWords as words } from '@/words/screens/prove/diagnosisView'
import { DecidingNote, MistakeCard } from './MistakeCard'
import { explainNets } from '@/workers/diagnoseClient'
import styles from './DiagnosisView.module.css'

/** The fewest mistakes that explain all nets that failed, each where it would be, with what to look at first. */
export function DiagnosisView({ unit, back }: { readonly unit: number; readonly back: () => void }) {
  const { state } = useJob()
  const diagnosis = useMemo(() => netDiagnosis(state, unit), [state, unit])
  const found = useExplained(diagnosis.input)
  const mistakes = found?.mistakes
  const [at, setAt] = useState(0)
  const mistake = mistakes?.[Math.min(at, mistakes.length - 1)]
  const count = mistakes?.length ?? 0
  const toNext = () => setAt((at + 1) % count)
  useKeys([
    { key: 'Escape', words: words.back, run: back },
    ...(count > 1 ? [{ key: 'n', words: words.nextMistake, run: toNext }] : []),
  ])
  return (
    <>
      <div className={paneCss.work}>
        <section className={paneCss.panel} aria-label={words.diagnosis} aria-live="polite">
          <div className={styles.title}>
            {mistakes ? (
              <h2>{words.explain(mistakes.length, diagnosis.failed)}</h2>
            ) : (
              <h2>
                <Loader size="sm" /> {words.workingItOut}
              </h2>
            )}
            <p className={clsx(textCss.small, textCss.dim)}>{words.foundByHand(diagnosis.failed, diagnosis.open)}</p>
          </div>
        </section>
        <div className={styles.mistakes}>
          {mistakes?.map((one, i) => (
            <MistakePanel
              key={`${one.kind} ${one.pins.join(' ')}`}
              mistake={one}
              number={i + 1}
              isShown={one === mistake}
            />
          ))}
        </div>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.whatToDo}>
        {mistake && <MistakeCard key={at} unit={unit} mistake={mistake} number={at + 1} />}
        {found?.deciding?.mistake === at && <DecidingNote unit={unit} deciding={found.deciding} />}
        {count > 1 && (
          <Button onClick={toNext}>
            <span>{words.nextMistake}</span> <Kbd aria-hidden="true">N</Kbd>
          </Button>
        )}
        <Button onClick={back}>
          <span>{words.back}</span> <Kbd aria-hidden="true">Esc</Kbd>
        </Button>
        <div className={paneCss.sources}>
          <span>{words.anExplanation}</span>
        </div>
      </aside>
    </>
  )
}

function useExplained(input: DiagnosisInput): Diagnosis | undefined {
  const [found, setFound] = useState<{ readonly of: typeof input; readonly said: Diagnosis }>()
  useEffect(() => {
    const stop = new AbortController()
    void explainNets(input, stop.signal).then((said) => {
      if (said && !stop.signal.aborted) setFound({ of: input, said })
    })
    return () => stop.abort()
  }, [input])
  return found?.of === input ? found.said : undefined
}

function MistakePanel({
  mistake,
  number,
  isShown,
}: {
  readonly mistake: Mistake
  readonly number: number
  readonly isShown: boolean
}) {
  return (
    <section className={clsx(paneCss.panel, styles.mistake)} data-shown={isShown} aria-label={words.mistake(number)}>
      <h3 className={textCss.cardTitle}>
        <span className={styles.number}>{number}</span> {mistakeTitle(mistake)}
      </h3>
      <div className={styles.places}>
        {mistake.places.slice(0, 2).map((place) => (
          <PlaceFace key={place.end} place={place} />
        ))}
      </div>
    </section>
  )
}

/** The face of an end with the pins that a mistake is about, and below it what stands where. */
function PlaceFace({ place }: { readonly place: MistakePlace }) {
  const { state } = useJob()
  const housing = housingOf(state.facts, state.plan, place.end)
  if (!housing) return null
  const pins = new Set(place.pins.map((point) => point.slice(place.end.length + 1)))
  const cavities = new Map(
    housing.cavities.map(({ id }): [string, FaceCavity] => [
      id,
      pins.has(id) ? { look: 'fault', words: words.lookHere } : { look: 'empty', words: '' },
    ]),
  )
  const wireIn = (point: string) => {
    const planned = planIndex(state.plan).byCavity.get(cavityKey(1, place.end, point.slice(place.end.length + 1)))
    return planned ? planned.wire.id : words.nothing
  }
  return (
    <figure className={styles.place}>
      <figcaption className={paneCss.panelHead}>
        <span>{`${place.end}, ${housing.name}`}</span>
        <span className={paneCss.caption}>{words.wireFace}</span>
      </figcaption>
      <div className={styles.face}>
        <FaceDrawing
          housing={housing}
          view={{ side: 'wire', turnDeg: 0 }}
          cavities={cavities}
          title={words.faceOf(place.end)}
        />
      </div>
      <ul className={styles.moved}>
        {place.moved.map(({ from, to }) => (
          <li key={from}>
            <b className={textCss.mono}>{to}</b> {words.standsThere(wireIn(from), from)}
          </li>
        ))}
      </ul>
    </figure>
  )
}
