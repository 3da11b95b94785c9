'use client'
import clsx from 'clsx'
import { useCall } from '@/ui/action/useCall'
import { Segments } from '@/ui/choice/Segments'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { type BenchUnits, unitsFirst } from '@/words/benchUnits'
import { lengthSaid } from '@/words/figures'
import { unitsWords as words } from '@/words/screens/rules/unitsSetting'
import { saveUnits } from './actions'
import styles from './ZoneSetting.module.css'

const SAMPLE_STRIP_MM = 4.4

/** Which units are said first, on every screen and paper. */
export function UnitsSetting() {
  const { call } = useCall()
  const { value, unit, other } = lengthSaid(SAMPLE_STRIP_MM, 1)
  const choose = async (units: BenchUnits) => {
    const outcome = await call(() => saveUnits(units), words.unwritten)
    // every word of the page is said anew
    if (outcome?.ok) window.location.reload()
  }
  return (
    <section className={clsx(paneCss.panel, styles.apart)} aria-label={words.title}>
      <div className={paneCss.panelHead}>
        <b>{words.title}</b>
      </div>
      <div className={styles.body}>
        <Segments
          label={words.label}
          value={unitsFirst()}
          of={[
            ['metric', words.metric],
            ['gauge', words.gauge],
          ]}
          pick={(units) => void choose(units)}
        />
        <p className={textCss.dim}>{words.about(`${value} ${unit} (${other})`)}</p>
      </div>
    </section>
  )
}
