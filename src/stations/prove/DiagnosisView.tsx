import { Button, Kbd, Loader } from '@mantine/core'
import clsx from 'clsx'
import { useEffect, useState } from 'react'
import type { Deciding, Diagnosis, Mistake, MistakePlace } from '@/core/craft/diagnosis/diagnosisTypes'
import { housingOf } from '@/core/record/plan/facts'
import { cavityKey } from '@/core/record/plan/keys'
import { planIndex } from '@/core/record/plan/plan'
import { decidingReading, misplacedBy, type NetDiagnosis } from '@/core/work/prove/netDiagnosis'
import { useGo } from '@/ui/address/GoProvider'
import { FaceDrawing, type FaceCavity } from '@/ui/face/FaceDrawing'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { lookFirst, mistakeTitle } from '@/words/diagnosis'
import { diagnosisViewWords as words } from '@/words/screens/prove/diagnosisView'
import { explainNets } from '@/workers/diagnoseClient'
import styles from './DiagnosisView.module.css'

/** The fewest mistakes that explain all nets that failed, each where it would be, with what to look at first. */
export function DiagnosisView({
  unit,
  diagnosis,
  back,
}: {
  readonly unit: number
  readonly diagnosis: NetDiagnosis
  readonly back: () => void
}) {
  const found = useExplained(diagnosis)
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

function useExplained({ input }: NetDiagnosis): Diagnosis | undefined {
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

/** Where to look first; and, once somebody has looked, the record put right, so that Seat leads the contacts back. */
function MistakeCard({
  unit,
  mistake,
  number,
}: {
  readonly unit: number
  readonly mistake: Mistake
  readonly number: number
}) {
  const { id, state, append } = useJob()
  const busy = useBusy()
  const go = useGo()
  const places = mistake.places.filter(({ moved }) => moved.length > 0)
  const write = async (place: MistakePlace) => {
    const entries = misplacedBy(state, unit, place)
    if (entries.length > 0 && (await append(...entries))) go(`/jobs/${encodeURIComponent(id)}/seat`)
  }
  const [only, ...others] = places
  useKeys(
    busy
      ? []
      : only && others.length === 0
        ? [{ key: ' ', words: words.seenThere(only.end), run: () => void write(only) }]
        : places.map((place, i) => ({
            key: String(i + 1),
            words: words.seenThere(place.end),
            run: () => void write(place),
          })),
  )
  return (
    <>
      <h2 className={textCss.cardTitle}>{words.mistake(number)}</h2>
      <p className={styles.look}>{lookFirst(mistake)}</p>
      {mistake.places.length > 1 && places.length > 1 && (
        <p className={clsx(noteCss.note, noteCss.attend)}>{words.cannotTell(places.map(({ end }) => end))}</p>
      )}
      {places.map((place, i) => (
        <Button
          key={place.end}
          variant={others.length === 0 ? 'filled' : 'default'}
          disabled={busy}
          onClick={() => void write(place)}
        >
          <span>{words.seenThere(place.end)}</span>{' '}
          <Kbd aria-hidden="true">{others.length === 0 ? 'Space' : String(i + 1)}</Kbd>
        </Button>
      ))}
      {places.length > 0 && <p className={clsx(textCss.small, textCss.dim)}>{words.thenSeat}</p>}
    </>
  )
}

/** The one measurement that tells at which end it is, without opening either. */
function DecidingNote({ unit, deciding }: { readonly unit: number; readonly deciding: Deciding }) {
  const { state } = useJob()
  const reading = decidingReading(state, unit, deciding)
  if (!reading) return null
  return (
    <section className={noteCss.note} aria-label={words.oneMeasurement}>
      <p>
        <b>{words.measureBetween(reading.pair)}</b>
      </p>
      <ul className={styles.moved}>
        {reading.ifAt.map(({ end, wire, windowOhm }) => (
          <li key={end}>
            <span className={textCss.mono}>{words.windowOf(windowOhm)}</span>: {words.thenAt(end, wire)}
          </li>
        ))}
      </ul>
      {reading.cannotTellOhm && <p className={textCss.caution}>◆ {words.bothFit(reading.cannotTellOhm)}</p>}
    </section>
  )
}
