import { useMemo, useState } from 'react'
import type { Wire } from '@/core/record/plan/plan'
import { matchWires } from '@/core/work/rework/matchWires'
import { list, plural } from '@/words/figures'
import { matchedWords } from '@/words/rework'

/** Which wire of the harness that is there each wire of a wanted pinout is: by signal, by number, and where both are wrong by hand. */
export function MatchRows({
  wanted,
  present,
  put,
  back,
}: {
  readonly wanted: readonly { readonly id: string; readonly signal?: string }[]
  readonly present: readonly Wire[]
  /** ids in the order of `wanted`; those of new wires are new */ readonly put: (ids: readonly string[]) => void
  readonly back: () => void
}) {
  const [byHand, setByHand] = useState<ReadonlyMap<string, string | null>>(new Map())
  const matched = useMemo(() => matchWires(present, wanted, byHand), [present, wanted, byHand])
  const fresh = [...matched.by.values()].filter((by) => by === 'new').length
  return (
    <>
      <p>
        <b>{plural(wanted.length - fresh, 'wire')} found again</b>, {fresh} new
        {matched.gone.length > 0 && (
          <>
            ; <span className="caution">◆ nobody wants {list(matched.gone, 8)}: taken out</span>
          </>
        )}
        .
      </p>
      <div
        role="region"
        aria-label="Wires matched"
        tabIndex={0}
        style={{ overflow: 'auto', flex: 'none', maxHeight: 360 }}
      >
        <table className="table">
          <thead>
            <tr>
              <th>Wanted</th>
              <th>Signal</th>
              <th>Is the wire</th>
              <th>Found by</th>
            </tr>
          </thead>
          <tbody>
            {wanted.map((one, i) => {
              const id = matched.wires[i]?.id ?? one.id
              const by = matched.by.get(id) ?? 'new'
              return (
                <tr key={one.id}>
                  <td className="figure">
                    <b>{one.id}</b>
                  </td>
                  <td>{one.signal}</td>
                  <td>
                    <select
                      aria-label={`Wire that ${one.id} is`}
                      className="mono"
                      style={{ minHeight: 40 }}
                      value={by === 'new' ? '' : id}
                      onChange={(event) =>
                        setByHand(new Map(byHand).set(one.id, event.target.value === '' ? null : event.target.value))
                      }
                    >
                      <option value="">a new one</option>
                      {present.map((wire) => (
                        <option key={wire.id} value={wire.id}>
                          {wire.id}
                          {wire.signal !== undefined && `, ${wire.signal}`}
                        </option>
                      ))}
                    </select>
                  </td>
                  <td className={by === 'new' ? 'caution' : undefined}>
                    {by === 'new' ? '◆ ' : '✓ '}
                    {matchedWords[by]}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
      <div className="two">
        <button type="button" className="act-button main" onClick={() => put(matched.wires.map((wire) => wire.id))}>
          <span>Put it into the grid as the wanted pinout</span>
        </button>
        <button type="button" className="act-button" onClick={back}>
          <span>Back to the columns</span>
        </button>
      </div>
    </>
  )
}
