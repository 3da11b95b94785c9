'use client'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, TextInput } from '@mantine/core'
import { useState } from 'react'
import { instruments, type InstrumentId } from '@/core/base/instrument/instruments'
import { readInstrument } from '@/ui/device/instrumentClient'
import { useInstrumentViews, type InstrumentView } from '@/ui/device/useInstrumentViews'
import { figure } from '@/words/figures'
import { instrumentWords, unitWords } from '@/words/devices'

/** Each instrument: is there a link, who answers, what it said last, and where it is. */
export function InstrumentsPane() {
  const { views, look } = useInstrumentViews()
  return (
    <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label="Instruments">
      <h2 className={textCss.cardTitle}>Instruments</h2>
      {!views && <p className={textCss.dim}>Asking each who it is…</p>}
      {views?.length === 0 && (
        <p className={clsx(noteCss.note, noteCss.fault)}>▲ The bench does not answer. Load the page again.</p>
      )}
      {views?.map((view) => (
        <InstrumentCard
          key={`${view.id} ${view.address?.host ?? ''}:${String(view.address?.port ?? '')}`}
          view={view}
          look={look}
        />
      ))}
      {views && (
        <Button onClick={look}>
          <span>Look again</span>
        </Button>
      )}
      <div className={paneCss.sources}>
        <span>
          Over TCP, a question and an answer a line, as in IEEE 488.2. A figure from an instrument is recorded with its
          name; typed by hand it is recorded as typed.
        </span>
      </div>
    </aside>
  )
}

function InstrumentCard({ view, look }: { readonly view: InstrumentView; readonly look: () => void }) {
  const clock = useClock()
  const { id, identity, address, last, message } = view
  const [host, setHost] = useState(address?.host ?? '')
  const [port, setPort] = useState(address ? String(address.port) : '')
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
    setSaid({ good: false, text: answer?.error?.message ?? 'The bench does not answer. Nothing was changed.' })
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
    <section className={paneCss.sidePanel} style={{ margin: 0 }} aria-label={instrumentWords[id].name}>
      <h3 style={{ display: 'flex', justifyContent: 'space-between', fontSize: 16, margin: 0 }}>
        <span>{instrumentWords[id].name}</span>
        <span className={identity === undefined ? textCss.fault : textCss.good}>
          {identity === undefined ? '▲ no link' : '● linked'}
        </span>
      </h3>
      <p className={clsx(textCss.small, textCss.dim)}>{instrumentWords[id].what}</p>
      {identity !== undefined && <p className={clsx(textCss.mono, textCss.small)}>{identity}</p>}
      {message !== undefined && <p className={clsx(noteCss.note, noteCss.fault)}>{message}</p>}
      {last && (
        <p className={textCss.small}>
          Last:{' '}
          <b className={textCss.mono} style={{ fontSize: 20 }}>
            {figure(last.value, 3)}
          </b>{' '}
          {unitWords[last.unit] ?? last.unit}, {clock.dayTime(last.at)}
        </p>
      )}
      {said && (
        <p className={clsx(noteCss.note, said.good ? noteCss.good : noteCss.fault)} role="status">
          {said.text}
        </p>
      )}
      {editing ? (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            void put({ host: host.trim(), port: Number(port) })
          }}
        >
          <div className={paneCss.fieldRow} style={{ gridTemplateColumns: '1fr 110px' }}>
            <TextInput label="Host" value={host} onChange={(event) => setHost(event.target.value)} />
            <TextInput
              label="Port"
              value={port}
              inputMode="numeric"
              onChange={(event) => setPort(event.target.value)}
            />
          </div>
          <div className={paneCss.two} style={{ marginTop: 8 }}>
            <Button type="submit">
              <span>Link it there</span>
            </Button>
            <Button onClick={() => void put({})}>
              <span>Back to the stand-in</span>
            </Button>
          </div>
        </form>
      ) : (
        <div className={paneCss.two}>
          {canAsk(id) && (
            <Button onClick={() => void read()}>
              <span>Take a reading</span>
            </Button>
          )}
          <Button onClick={() => setEditing(true)}>
            <span>{address ? `${address.host}:${String(address.port)}` : 'Say where it is'}</span>
          </Button>
        </div>
      )}
    </section>
  )
}

/** The analyser measures between two points, which a station names. */
const canAsk = (id: InstrumentId): boolean => id !== 'analyser'
