import styles from './Bands.module.css'
import textCss from '@/ui/text/text.module.css'
import { wireColours, type ColourCode } from '@/core/base/wire/colour'

/** Colour bands as they look, with their names for who cannot tell them apart. */
export function Bands({ bands }: { readonly bands: readonly { readonly name: string; readonly code: string }[] }) {
  return (
    <span className={styles.row}>
      {bands.map((band, i) => (
        <i
          key={i}
          className={styles.band}
          aria-hidden="true"
          style={{ background: wireColours[band.code as ColourCode].tint }}
        />
      ))}
      <span className={textCss.small}>{bands.map((band) => band.name).join(', ')}</span>
    </span>
  )
}
