import { Table } from '@mantine/core'
import clsx from 'clsx'
import { planIndex, inCavity } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { ohms } from '@/words/figures'
import { movementWords } from '@/words/moving'
import { moveViewWords as words } from '@/words/screens/prove/moveView'
import styles from './MoveView.module.css'
import { type SeenEvent, type Watching, eventsOf } from './useWatch'

/** How many of them are listed: the last ones. */
const LISTED = 8
const DOT = 2

/** Interruptions, the last first: when, how long, how high, and while what was moved. Those of before come from the record. */
export function MoveEvents({ watching, unit }: { readonly watching: Watching | undefined; readonly unit: number }) {
  const { state } = useJob()
  const kept = state.moved.get(String(unit))?.events ?? []
  const live = watching ? eventsOf(watching) : []
  if (live.length === 0 && kept.length === 0) return null
  const placeOf = (term: string | undefined) => {
    const termination = term === undefined ? undefined : planIndex(state.plan).byKey.get(term)
    return termination && inCavity(termination) ? ` ${termination.at.end}.${termination.at.cavity}` : ''
  }
  const last = live.at(-1)
  return (
    <section className={clsx(paneCss.panel, styles.events)} aria-label={words.events}>
      <Table>
        <HeadRow names={[words.wire, words.at, words.lasted, words.roseTo, words.while]} />
        <Table.Tbody>
          {live.length > 0
            ? live
                .slice(-LISTED)
                .reverse()
                .map((event) => (
                  <Table.Tr key={`${event.wire} ${String(event.atS)}`}>
                    <Table.Td className={textCss.mono}>
                      <b>{event.wire}</b>
                    </Table.Td>
                    <Table.Td className={textCss.mono}>{words.atSecond(event.atS)}</Table.Td>
                    <Table.Td className={textCss.mono}>{words.forMs(event.lengthMs)}</Table.Td>
                    <Table.Td className={textCss.mono}>
                      {event.peakOhm === undefined ? words.open : ohms(event.peakOhm)}
                    </Table.Td>
                    <Table.Td>
                      {event.moved ? movementWords[event.moved.during] : words.atRest}
                      {placeOf(event.moved?.term)}
                    </Table.Td>
                  </Table.Tr>
                ))
            : kept.slice(-LISTED).map((event, i) => (
                <Table.Tr key={i}>
                  <Table.Td className={textCss.mono}>
                    <b>{event.wire}</b>
                  </Table.Td>
                  <Table.Td>{words.before}</Table.Td>
                  <Table.Td className={textCss.mono}>
                    {event.lengthMs === undefined ? '–' : words.forMs(event.lengthMs)}
                  </Table.Td>
                  <Table.Td className={textCss.mono}>
                    {event.lengthMs === undefined
                      ? '–'
                      : event.peakOhm === undefined
                        ? words.open
                        : ohms(event.peakOhm)}
                  </Table.Td>
                  <Table.Td>
                    {movementWords[event.during]}
                    {placeOf(event.term)}
                  </Table.Td>
                </Table.Tr>
              ))}
        </Table.Tbody>
      </Table>
      {last && <Trace event={last} limitOhm={watching?.limits[watching.wires.indexOf(last.wire)] ?? 1} />}
    </section>
  )
}

/** The readings of one interruption, a dot each. */
function Trace({ event: { trace, wire }, limitOhm }: { readonly event: SeenEvent; readonly limitOhm: number }) {
  const top = Math.max(limitOhm * 4, ...trace.map((ohm) => ohm ?? 0))
  return (
    <figure className={styles.trace}>
      <figcaption className={clsx(textCss.small, textCss.dim)}>{words.traceOf(wire)}</figcaption>
      <svg viewBox={`0 0 ${String(trace.length * DOT)} 40`} height={40} aria-hidden="true">
        {trace.map((ohm, i) => (
          <circle
            key={i}
            cx={i * DOT + 1}
            cy={ohm === null ? 4 : 36 - (Math.min(ohm, top) / top) * 28}
            r={0.9}
            fill={ohm === null || ohm > limitOhm ? 'var(--oxblood)' : 'var(--ink)'}
          />
        ))}
      </svg>
    </figure>
  )
}
