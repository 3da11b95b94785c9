'use client'
import { useState } from 'react'
import { instruments, type InstrumentId } from '@/core/base/instrument/instruments'
import { readInstrument } from '@/ui/device/instrumentClient'
import { useInstrumentViews, type InstrumentView } from '@/ui/device/useInstrumentViews'
import { dayTime, figure } from '@/words/figures'
import { instrumentWords, unitWords } from '@/words/devices'

/** Each instrument: is there a link, who answers, what it said last, and where it is. */
export function InstrumentsPane() {
  const { views, look } = useInstrumentViews()
  return (
    <aside className="pane pane-card" aria-label="Instruments">
      <h2 className="card-title">Instruments</h2>
      {!views && <p className="dim">Asking each who it is…</p>}
      {views?.length === 0 && <p className="note fault">▲ The bench does not answer. Load the page again.</p>}
      {views?.map((view) => (
        <InstrumentCard
          key={`${view.id} ${view.address?.host ?? ''}:${String(view.address?.port ?? '')}`}
          view={view}
          look={look}
        />
      ))}
      {views && (
        <button type="button" className="act-button" onClick={look}>
          <span>Look again</span>
        </button>
      )}
      <div className="sources">
        <span>
          Over TCP, a question and an answer a line, as in IEEE 488.2. A figure from an instrument is recorded with its
          name; typed by hand it is recorded as typed.
        </span>
      </div>
    </aside>
  )
}

function InstrumentCard({ view, look }: { readonly view: InstrumentView; readonly look: () => void }) {
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
    <section className="side-panel" style={{ margin: 0 }} aria-label={instrumentWords[id].name}>
      <h3 style={{ display: 'flex', justifyContent: 'space-between', fontSize: 16, margin: 0 }}>
        <span>{instrumentWords[id].name}</span>
        <span className={identity === undefined ? 'fault' : 'good'}>
          {identity === undefined ? '▲ no link' : '● linked'}
        </span>
      </h3>
      <p className="small dim">{instrumentWords[id].what}</p>
      {identity !== undefined && <p className="mono small">{identity}</p>}
      {message !== undefined && <p className="note fault">{message}</p>}
      {last && (
        <p className="small">
          Last:{' '}
          <b className="mono" style={{ fontSize: 20 }}>
            {figure(last.value, 3)}
          </b>{' '}
          {unitWords[last.unit] ?? last.unit}, {dayTime(last.at)}
        </p>
      )}
      {said && (
        <p className={`note ${said.good ? 'good' : 'fault'}`} role="status">
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
          <div className="field-row" style={{ gridTemplateColumns: '1fr 110px' }}>
            <label className="field">
              Host
              <input value={host} onChange={(event) => setHost(event.target.value)} />
            </label>
            <label className="field">
              Port
              <input value={port} inputMode="numeric" onChange={(event) => setPort(event.target.value)} />
            </label>
          </div>
          <div className="two" style={{ marginTop: 8 }}>
            <button type="submit" className="act-button">
              <span>Link it there</span>
            </button>
            <button type="button" className="act-button" onClick={() => void put({})}>
              <span>Back to the stand-in</span>
            </button>
          </div>
        </form>
      ) : (
        <div className="two">
          {canAsk(id) && (
            <button type="button" className="act-button" onClick={() => void read()}>
              <span>Take a reading</span>
            </button>
          )}
          <button type="button" className="act-button" onClick={() => setEditing(true)}>
            <span>{address ? `${address.host}:${String(address.port)}` : 'Say where it is'}</span>
          </button>
        </div>
      )}
    </section>
  )
}

/** The analyser measures between two points, which a station names. */
const canAsk = (id: InstrumentId): boolean => id !== 'analyser'
