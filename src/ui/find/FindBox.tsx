'use client'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { Overlay } from '../frame/Overlay'
import { findMatches, type FindItem } from './findItems'

const SHOWN = 14

/** Parts of the shelf that the text names, asked for when the typing pauses. */
function useShelfParts(text: string): readonly FindItem[] {
  const [parts, setParts] = useState<readonly FindItem[]>([])
  useEffect(() => {
    const leave = new AbortController()
    if (text.trim().length < 2) setParts([])
    const timer = setTimeout(() => {
      if (text.trim().length < 2) return
      fetch(`/shelf/find?q=${encodeURIComponent(text)}`, { signal: leave.signal })
        .then(
          async (response) =>
            response.ok && setParts(((await response.json()) as { found: readonly FindItem[] }).found),
        )
        // what this page knows is found all the same
        .catch(() => !leave.signal.aborted && setParts([]))
    }, 120)
    return () => {
      clearTimeout(timer)
      leave.abort()
    }
  }, [text])
  return parts
}

/** One field that finds jobs, stations, wires and cavities of this page, and every part of the shelf. */
export function FindBox({
  items,
  question,
  close,
}: {
  readonly items: readonly FindItem[]
  readonly question: string
  readonly close: () => void
}) {
  const router = useRouter()
  const [text, setText] = useState(question)
  const [at, setAt] = useState(0)
  const parts = useShelfParts(text)
  const here = findMatches(items, text)
  const found = [
    ...here,
    ...parts.filter((part) => !here.some((item) => item.href === part.href && item.id === part.id)),
  ].slice(0, SHOWN)
  const go = (item: FindItem | undefined) => {
    if (!item) return
    close()
    router.push(item.href)
  }
  const isFigure = /^\d+([.,]\d+)?$/.test(question)
  return (
    <Overlay label="Find or scan" close={close}>
      <input
        type="text"
        role="combobox"
        aria-expanded
        aria-controls="found"
        aria-label="Find a wire, a cavity, a part, a job or a station"
        autoFocus
        aria-activedescendant={found[at] ? `f-${at}` : undefined}
        value={text}
        placeholder="wire, cavity, part, job, station"
        onChange={(event) => {
          setText(event.target.value)
          setAt(0)
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setAt((now) => Math.min(found.length - 1, now + 1))
          else if (event.key === 'ArrowUp') setAt((now) => Math.max(0, now - 1))
          else if (event.key === 'Enter') go(found[at])
          else return
          event.preventDefault()
        }}
      />
      {isFigure && (
        <p className="note caution" style={{ marginTop: 8 }}>
          {question} came from a calliper or scanner while no field was in focus. Where does it belong? Put the cursor
          in its field and send it again.
        </p>
      )}
      <ul id="found" role="listbox" aria-label="Found" style={{ marginTop: 8 }}>
        {found.map((item, i) => (
          <li
            key={`${item.kind} ${item.id}`}
            id={`f-${i}`}
            role="option"
            aria-selected={i === at}
            className="option"
            onClick={() => go(item)}
          >
            <span className="mono">{item.id}</span>
            <span>{item.words}</span>
            <span className="dim small">{item.kind}</span>
          </li>
        ))}
      </ul>
      {found.length === 0 && (
        <p className="dim" style={{ padding: 10 }}>
          Nothing here is called “{text}”. Try a wire id, a cavity like A.7, or a part.
        </p>
      )}
    </Overlay>
  )
}
