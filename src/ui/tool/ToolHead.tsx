import clsx from 'clsx'
import type { ReactNode } from 'react'
import type { Opening } from '@/core/parts/catalogue/openings'
import type { ToolClass } from '@/core/parts/catalogue/toolClasses'
import { toolHeadWords as words } from '@/words/screens/crib/toolHead'
import styles from './ToolHead.module.css'
import { ToolMark } from './ToolMark'

/** What is drawn of a tool: its marks as they are printed, and the row of its card that is in hand. */
export interface ToolHeadProps {
  readonly of: ToolClass
  readonly selector: { readonly min: number; readonly max: number } | undefined
  readonly dies: readonly { readonly id: string; readonly formMm: number; readonly spacingMm: number }[]
  readonly openings: readonly Opening[]
  /** by column of the card, as it is typed */
  readonly row: Readonly<Record<string, string | undefined>>
}

/** At most so many numbers stand round a selector; of more each second, or third. */
const DIAL_MOST = 12

/** A selector's dial, the row's number at its pointer; nothing set: its first number, not pointed out. */
function Dial({ selector, chosen }: { readonly selector: { min: number; max: number }; readonly chosen: number }) {
  const { min, max } = selector
  const count = max - min + 1
  const every = Math.ceil(count / DIAL_MOST)
  const isSet = chosen >= min && chosen <= max
  const top = isSet ? chosen : min
  const shown = Array.from({ length: count }, (_, i) => min + i).filter((n) => n === top || (n - top) % every === 0)
  return (
    <g transform="translate(236 92)">
      <circle className={styles.body} r={56} />
      <circle className={styles.open} r={20} />
      <path className={styles.line} d="M0 -20 v14" />
      <path className={styles.acts} d="M0 -62 l-7 -11 h14 z" />
      {shown.map((n) => {
        const turn = ((n - top) * 2 * Math.PI) / count
        const [x, y] = [Math.sin(turn) * 39, -Math.cos(turn) * 39]
        const isHere = isSet && n === top
        return (
          <g key={n}>
            {isHere && <circle className={styles.acts} cx={x} cy={y} r={13} />}
            <text className={clsx(styles.figure, isHere && styles.on)} x={x} y={y + 5} textAnchor="middle">
              {n}
            </text>
          </g>
        )
      })}
      <text className={styles.word} y={78} textAnchor="middle">
        {words.selector}
      </text>
    </g>
  )
}

/** From the side: the contact in its positioner, the indents where they fall, the wire. */
const indentSide = (holder: string | undefined, strip: string | undefined) => (
  <g transform="translate(8 30)">
    <path className={styles.body} d="M0 26 h52 v66 h-52 z" />
    <path
      className={styles.line}
      d="M0 40 l14 -14 M0 60 l34 -34 M0 80 l52 -52 M8 92 l44 -44 M28 92 l24 -24 M46 92 l6 -6"
    />
    <path className={styles.open} d="M16 46 h34 v-6 h66 v38 h-66 v-6 h-34 z" />
    <path className={styles.wire} d="M112 52 h54 v14 h-54 z" />
    <path className={styles.copper} d="M74 55 h42 v8 h-42 z" />
    <path className={styles.acts} d="M80 6 h16 v22 l-5 14 h-6 l-5 -14 z M80 112 h16 v-22 l-5 -14 h-6 l-5 14 z" />
    {strip !== undefined && (
      <>
        <path className={styles.line} d="M74 96 v12 M116 70 v38 M74 102 h42" />
        <text className={styles.figure} x={120} y={110}>
          {strip}
        </text>
      </>
    )}
    <text className={styles.word} x={0} y={128}>
      {holder}
    </text>
  </g>
)

const DIE_PX_PER_MM = 22

/** Both halves of a die from the side: the form for the conductor wings, the gap, the form for the insulation wings. */
function dieSide(die: ToolHeadProps['dies'][number] | undefined, asked: string | undefined, stop: string | undefined) {
  const form = Math.min(88, (die?.formMm ?? 2) * DIE_PX_PER_MM)
  const gap = Math.min(40, (die?.spacingMm ?? 0.8) * DIE_PX_PER_MM)
  const rear = 44
  const width = form + gap + rear + 24
  return (
    <g transform={`translate(${(300 - width) / 2} 20)`}>
      {[0, 1].map((half) => (
        <g key={half} transform={half === 0 ? undefined : 'matrix(1 0 0 -1 0 148)'}>
          <path
            className={styles.body}
            d={`M0 0 h${width} v44 h-12 v16 h-${rear} v-16 h-${gap} v16 h-${form} v-16 h-12 z`}
          />
        </g>
      ))}
      <path className={styles.open} d={`M-20 69 h${width + 40} v10 h-${width + 40} z`} />
      <text className={clsx(styles.figure, die && styles.large)} x={width / 2} y={32} textAnchor="middle">
        {asked ?? '–'}
      </text>
      <text className={clsx(styles.figure, die && styles.large)} x={width / 2} y={130} textAnchor="middle">
        {asked ?? '–'}
      </text>
      <text className={styles.word} x={12 + form / 2} y={58} textAnchor="middle">
        {die && words.mm(die.formMm)}
      </text>
      {stop !== undefined && (
        <text className={styles.word} x={width + 4} y={98}>
          {words.stop(stop)}
        </text>
      )}
    </g>
  )
}

/** Openings side by side, each as wide as it is beside the others, its mark below; the row's own stands out. */
function jaws(openings: readonly Opening[], chosen: string | undefined) {
  const widest = Math.max(0.1, ...openings.map(({ mm }) => mm))
  const step = 280 / Math.max(1, openings.length)
  const pxPerMm = Math.min(16, (step * 0.8) / widest)
  return (
    <>
      <path className={styles.body} d="M6 40 h288 v36 h-288 z M6 84 h288 v36 h-288 z" />
      {openings.map(({ mark, mm }, i) => {
        const isHere = mark === chosen
        const x = 10 + step * (i + 0.5)
        return (
          <g key={mark}>
            <ellipse
              className={isHere ? styles.acts : styles.open}
              cx={x}
              cy={80}
              rx={(mm * pxPerMm) / 2}
              ry={(mm * pxPerMm) / 2.4}
            />
            <text className={clsx(styles.figure, isHere && styles.large)} x={x} y={142} textAnchor="middle">
              {mark}
            </text>
            {Number(mark) !== mm && openings.length < 8 && (
              <text className={styles.word} x={x} y={160} textAnchor="middle">
                {words.says(mm)}
              </text>
            )}
          </g>
        )
      })}
    </>
  )
}

const fourIndent = ({ of, selector, row }: ToolHeadProps) => (
  <>
    {indentSide(of === 'four-indent-plain' ? words.byHand : (row.positioner ?? row.turret), row.stripMinMm)}
    {selector && <Dial selector={selector} chosen={Number(row.selector ?? NaN)} />}
  </>
)
const nested = ({ openings, row }: ToolHeadProps) => jaws(openings, row.nest)

const heads: Readonly<Partial<Record<ToolClass, (head: ToolHeadProps) => ReactNode>>> = {
  'four-indent-positioned': fourIndent,
  'four-indent-plain': fourIndent,
  'parallel-die': ({ dies, row }) =>
    dieSide(
      dies.find(({ id }) => id === row.die),
      row.die,
      row.wireStopMm,
    ),
  'nest-ratchet': nested,
  'notch-pliers': nested,
  'sleeve-nest': nested,
  stripper: ({ openings }) => jaws(openings, undefined),
}

/** A tool as the hand sees it, set as the row of its card says; proportions only. */
export function ToolHead(props: ToolHeadProps) {
  const draw = heads[props.of]
  // an empty cell says nothing
  const row = Object.fromEntries(Object.entries(props.row).filter(([, text]) => text?.trim()))
  if (!draw || (draw === nested && props.openings.length === 0))
    return (
      <div className={styles.mark}>
        <ToolMark of={props.of} />
      </div>
    )
  return (
    <svg className={styles.head} viewBox="0 0 300 176" role="img" aria-label={words.drawn(row)}>
      {draw({ ...props, row })}
    </svg>
  )
}
