import type { ReactNode } from 'react'
import type { ToolClass } from '@/core/parts/catalogue/toolClasses'
import styles from './ToolMark.module.css'

const indents = (cx: number) => (
  <>
    <circle cx={cx} cy={20} r={15} />
    {[0, 90, 180, 270].map((turn) => (
      <path
        key={turn}
        className={styles.acts}
        d={`M${cx - 4} 6 h8 l-2 9 h-4 z`}
        transform={`rotate(${turn} ${cx} 20)`}
      />
    ))}
    <circle cx={cx} cy={20} r={3} />
  </>
)
/** Two jaws, one above the other, and what is cut into both. */
const jaws = (cut: ReactNode) => (
  <>
    <path className={styles.body} d="M4 9 h56 v9 h-56 z M4 22 h56 v9 h-56 z" />
    {cut}
  </>
)
const ovals = (...places: readonly (readonly [x: number, rx: number, ry: number])[]) =>
  places.map(([x, rx, ry]) => <ellipse key={x} className={styles.open} cx={x} cy={20} rx={rx} ry={ry} />)
/** Two arms that meet at a pin on the right. */
const arms = (inside: ReactNode) => (
  <>
    <path className={styles.body} d="M4 12 q4 -6 12 -5 l36 9 q4 4 0 8 l-36 9 q-8 1 -12 -5 l40 -8 z" />
    {inside}
    <circle className={styles.open} cx={53} cy={20} r={4} />
  </>
)

const marks: Readonly<Record<ToolClass, ReactNode>> = {
  'four-indent-positioned': (
    <>
      {indents(22)}
      <path className={styles.body} d="M42 10 h17 v20 h-17 z" />
      <path className={styles.open} d="M42 16 h10 v8 h-10 z" />
    </>
  ),
  'four-indent-plain': (
    <>
      {indents(22)}
      <path d="M50 5 v24 M46 10 l8 3 M46 15 l8 3 M46 20 l8 3 M46 29 h8 l-4 6 z M45 5 h10" />
    </>
  ),
  'parallel-die': (
    <>
      <path className={styles.body} d="M10 3 h44 v12 h-7 a5 5 0 0 0 -10 0 h-8 a5 5 0 0 0 -10 0 h-9 z" />
      <path className={styles.body} d="M10 37 h44 v-12 h-7 a5 4 0 0 1 -10 0 h-8 a5 4 0 0 1 -10 0 h-9 z" />
      <path strokeDasharray="3 3" d="M5 5 v30 M59 5 v30" />
    </>
  ),
  'nest-ratchet': jaws(ovals([14, 3, 2.5], [26, 4.5, 3.5], [40, 6, 4.5], [54, 3, 2.5])),
  'notch-pliers': arms(<path className={styles.open} d="M20 15 a6 5 0 0 0 10 2 M20 25 a6 5 0 0 1 10 -2" />),
  'plain-pliers': arms(<path d="M16 11 v6 M22 12 v6 M28 13 v5 M16 29 v-6 M22 28 v-6 M28 27 v-5" />),
  'ferrule-square': (
    <>
      {[0, 90, 180, 270].map((turn) => (
        <path key={turn} className={styles.body} d="M32 3 l9 9 l-9 9 l-9 -9 z" transform={`rotate(${turn} 32 20)`} />
      ))}
      <path className={styles.open} d="M32 15 l5 5 l-5 5 l-5 -5 z" />
    </>
  ),
  'sleeve-nest': jaws(ovals([14, 5, 3], [32, 6, 4], [51, 6.5, 5])),
  stripper: jaws(
    <path className={styles.open} d="M10 20 l4 -3 l4 3 l-4 3 z M24 20 l5 -5 l5 5 l-5 5 z M42 20 l6 -7 l6 7 l-6 7 z" />,
  ),
  release: (
    <>
      <path className={styles.body} d="M4 13 h24 v14 h-24 z M28 16 h10 v8 h-10 z" />
      <path d="M38 17 h22 M38 23 h22 M44 20 h16" />
    </>
  ),
  gauge: (
    <>
      <path d="M3 17 h14 v6 h-14 z" />
      <path className={styles.body} d="M17 11 h28 v18 h-28 z" />
      <path d="M45 15 h14 v10 h-14 z" />
    </>
  ),
  'torque-cable': (
    <>
      <path className={styles.body} d="M26 3 h12 v18 h-12 z" />
      <path d="M30 21 v10 h4 v-10 M20 33 q12 8 24 0 m-6 -1 l6 1 l-2 5" />
    </>
  ),
}

/** A class of tools by its shape. Beside its name, which says the same. */
export const ToolMark = ({ of }: { readonly of: ToolClass }) => (
  <svg className={styles.mark} viewBox="0 0 64 40" aria-hidden="true">
    {marks[of]}
  </svg>
)
