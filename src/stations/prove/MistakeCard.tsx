import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import type { Deciding, Mistake, MistakePlace } from '@/core/craft/diagnosis/diagnosisTypes'
import { decidingReading, misplacedBy, suspectsOf } from '@/core/work/prove/netDiagnosis'
import { useGo } from '@/ui/address/GoProvider'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { lookFirst } from '@/words/diagnosis'
import { diagnosisViewWords as words } from '@/words/screens/prove/diagnosisView'
import styles from './DiagnosisView.module.css'
import { FoundAt } from './FoundAt'

/** Where to look first; and, once somebody has looked, the record put right, so that Seat leads the contacts back. */
export function MistakeCard({
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
      <FoundAt contacts={suspectsOf(state, unit, mistake)} />
    </>
  )
}

/** The one measurement that tells at which end it is, without opening either. */
export function DecidingNote({ unit, deciding }: { readonly unit: number; readonly deciding: Deciding }) {
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
