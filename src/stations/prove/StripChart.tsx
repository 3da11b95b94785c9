import clsx from 'clsx'
import { planIndex } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import textCss from '@/ui/text/text.module.css'
import { Swatch } from '@/ui/wire/Swatch'
import { ohms } from '@/words/figures'
import { moveViewWords as words } from '@/words/screens/prove/moveView'
import styles from './MoveView.module.css'
import { SHOWN_S, type Watching, eventsOf } from './useWatch'

const WIDTH = 400
const HEIGHT = { large: 96, small: 26 }
/** What reads more is drawn as open. */
const TOP_OHM = 10

/** The height of a reading in a strip, from 0 at its foot to 1: by the logarithm from half its limit up to open. */
function heightOf(ohm: number | null, limitOhm: number): number {
  if (ohm === null) return 1
  const foot = Math.log10(limitOhm / 4)
  return Math.min(0.93, Math.max(0, (Math.log10(Math.max(ohm, 1e-6)) - foot) / (Math.log10(TOP_OHM) - foot)) * 0.93)
}

/** The last twenty seconds of some wires, the worst one large; what was moved lies behind it. */
export function StripChart({ watching, wires }: { readonly watching: Watching; readonly wires: readonly string[] }) {
  return (
    <div className={styles.strips}>
      {wires.map((wire, i) => (
        <Strip key={wire} watching={watching} wire={wire} large={i === 0} />
      ))}
      <div className={styles.times} aria-hidden="true">
        {[-20, -15, -10, -5, 0].map((s) => (
          <span key={s}>{s === 0 ? words.now : words.seconds(s)}</span>
        ))}
      </div>
    </div>
  )
}

function Strip({
  watching,
  wire,
  large,
}: {
  readonly watching: Watching
  readonly wire: string
  readonly large: boolean
}) {
  const { state } = useJob()
  const channel = watching.wires.indexOf(wire)
  const limit = watching.limits[channel] ?? 1
  const height = large ? HEIGHT.large : HEIGHT.small
  const x = (s: number) => ((s - (watching.s - SHOWN_S)) / SHOWN_S) * WIDTH
  const y = (ohm: number | null) => height - 2 - heightOf(ohm, limit) * (height - 6)
  const points = watching.buckets.map(({ s, ohms: of }) => `${x(s).toFixed(1)},${y(of[channel] ?? null).toFixed(1)}`)
  const events = eventsOf(watching).filter((event) => event.wire === wire)
  const last = watching.buckets.at(-1)?.ohms[channel]
  const colour = planIndex(state.plan).wires.get(wire)?.colour ?? ''
  return (
    <div className={clsx(styles.strip, large && styles.large)}>
      <span className={styles.wire}>
        <b className={textCss.mono}>{wire}</b>
        <Swatch colour={colour} width={22} letters={false} />
        <span className={textCss.mono}>{colour}</span>
      </span>
      <svg
        viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={words.stripOf(wire, events.length)}
      >
        {large &&
          watching.marks.map(({ s, moved }, i) => {
            const to = watching.marks[i + 1]?.s ?? watching.s
            return moved ? (
              <rect
                key={s}
                x={Math.max(0, x(s))}
                width={Math.max(0, x(to) - Math.max(0, x(s)))}
                height={height}
                fill="var(--glaze-wash)"
              />
            ) : null
          })}
        <rect x={0} y={y(limit)} width={WIDTH} height={height - y(limit)} fill="var(--moss-wash)" opacity={0.7} />
        <polyline
          points={points.join(' ')}
          fill="none"
          stroke={events.length > 0 ? 'var(--oxblood)' : 'var(--ink)'}
          strokeWidth={1.2}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <span className={clsx(textCss.mono, styles.reading)}>
        <span className={events.length > 0 ? textCss.fault : textCss.good}>
          {events.length > 0 ? `▲ ${String(events.length)}` : '✓ 0'}
        </span>{' '}
        {last === null ? words.open : last === undefined ? '–' : ohms(last)}
      </span>
    </div>
  )
}
