import styles from './Swatch.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { parseColour, wireColours } from '@/core/base/wire/colour'

/** A wire's colour as it looks, its letters beside it: never colour alone. */
export function Swatch({
  colour,
  width = 22,
  letters = true,
}: {
  readonly colour: string
  readonly width?: number
  readonly letters?: boolean
}) {
  const parsed = parseColour(colour)
  return (
    <span className={styles.row}>
      {parsed && (
        <svg width={width} height={11} aria-hidden="true" className={paneCss.fixed}>
          <rect x=".5" y=".5" width={width - 1} height={10} fill={wireColours[parsed.base].tint} stroke="var(--edge)" />
          {parsed.stripe && <rect x="1" y="4" width={width - 2} height={3.5} fill={wireColours[parsed.stripe].tint} />}
        </svg>
      )}
      {letters && <span className={textCss.mono}>{colour}</span>}
    </span>
  )
}
