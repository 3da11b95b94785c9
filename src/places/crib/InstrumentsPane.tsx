'use client'
import styles from './InstrumentsPane.module.css'
import { instrumentsPaneWords as words } from '@/words/screens/crib/instrumentsPane'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button } from '@mantine/core'
import { useState } from 'react'
import { instruments, type InstrumentId } from '@/core/base/instrument/instruments'
import { AddressForm } from './AddressForm'
import { readInstrument } from '@/ui/device/instrumentClient'
import { useInstrumentViews, type InstrumentView } from '@/ui/device/useInstrumentViews'
import { figure } from '@/words/figures'
import { instrumentWords, unitWords } from '@/words/devices'

/** Each instrument: is there a link, who answers, what it said last, and where it is. */
export function InstrumentsPane() {
  const { views, look } = useInstrumentViews()
  return (
    <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.instruments}>
      <h2 className={textCss.cardTitle}>{words.instruments}</h2>
      {!views && <p className={textCss.dim}>{words.askingEachWhoIt}</p>}
      {views?.length === 0 && <p className={clsx(noteCss.note, noteCss.fault)}>{words.benchDoesNotAnswer}</p>}
      {views?.map((view) => (
        <InstrumentCard
          key={`${view.id} ${view.address?.host ?? ''}:${String(view.address?.port ?? '')}`}
          view={view}
          look={look}
        />
      ))}
      {views && (
        <Button onClick={look}>
          <span>{words.lookAgain}</span>
        </Button>
      )}
      <div className={paneCss.sources}>
        <span>{words.overTcpQuestionAnd}</span>
      </div>
    </aside>
  )
}

function InstrumentCard({ view, look }: { readonly view: InstrumentView; readonly look: () => void }) {
  const clock = useClock()
  const { id, identity, address, last, message } = view
  const [editing, setEditing] = useState(false)
  const [said, setSaid] = useState<{ readonly good: boolean; readonly text: string }>()
  const put = async (body: object) => {
    const response = await fetch(`/api/instruments/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }).catch(() => undefined)
    if (response?.ok) {
      setEditing(false)
      look()
      return
    }
    const answer = response && ((await response.json()) as { error?: { message?: string } })
    setSaid({ good: false, text: answer?.error?.message ?? words.benchDoesNotAnswerNothing })
  }
  const read = async () => {
    const reading = await readInstrument(id, undefined)
    setSaid(
      reading.ok
        ? { good: true, text: `${figure(reading.value, 3)} ${unitWords[instruments[id].unit] ?? ''}` }
        : { good: false, text: reading.message },
    )
  }
  return (
    <section className={clsx(paneCss.sidePanel, styles.spaced)} aria-label={instrumentWords[id].name}>
      <h3 className={styles.row}>
        <span>{instrumentWords[id].name}</span>
        <span className={identity === undefined ? textCss.fault : textCss.good}>
          {identity === undefined ? words.noLink : '● linked'}
        </span>
      </h3>
      <p className={clsx(textCss.small, textCss.dim)}>{instrumentWords[id].what}</p>
      {identity !== undefined && <p className={clsx(textCss.mono, textCss.small)}>{identity}</p>}
      {message !== undefined && <p className={clsx(noteCss.note, noteCss.fault)}>{message}</p>}
      {last && (
        <p className={textCss.small}>
          {words.last} <b className={clsx(textCss.mono, styles.large)}>{figure(last.value, 3)}</b>{' '}
          {unitWords[last.unit] ?? last.unit}, {clock.dayTime(last.at)}
        </p>
      )}
      {said && (
        <p className={clsx(noteCss.note, said.good ? noteCss.good : noteCss.fault)} role="status">
          {said.text}
        </p>
      )}
      {editing ? (
        <AddressForm address={address} put={put} />
      ) : (
        <div className={paneCss.two}>
          {canAsk(id) && (
            <Button onClick={() => void read()}>
              <span>{words.takeReading}</span>
            </Button>
          )}
          <Button onClick={() => setEditing(true)}>
            <span>{address ? `${address.host}:${String(address.port)}` : words.sayWhereItIs}</span>
          </Button>
        </div>
      )}
    </section>
  )
}

/** The analyser measures between two points, which a station names. */
const canAsk = (id: InstrumentId): boolean => id !== 'analyser'
