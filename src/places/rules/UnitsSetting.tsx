'use client'
import { Select } from '@mantine/core'
import clsx from 'clsx'
import { useCall } from '@/ui/action/useCall'
import { Segments } from '@/ui/choice/Segments'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { type BenchSays, currencySaid, unitsFirst } from '@/words/benchUnits'
import { lengthSaid } from '@/words/figures'
import { unitsWords as words } from '@/words/screens/rules/unitsSetting'
import { saveSays } from './actions'
import styles from './BenchSetting.module.css'

const SAMPLE_STRIP_MM = 4.4
const currencies = Intl.supportedValuesOf('currency')

/** Which units are said first, on every screen and paper, and in what prices are. */
export function UnitsSetting() {
  const { call } = useCall()
  const { value, unit, other } = lengthSaid(SAMPLE_STRIP_MM, 1)
  const choose = async (change: Partial<BenchSays>) => {
    const now = { units: unitsFirst(), currency: currencySaid(), ...change }
    const outcome = await call(() => saveSays(now), words.unwritten)
    // every word of the page is said anew
    if (outcome?.ok) window.location.reload()
  }
  return (
    <section className={clsx(paneCss.panel, styles.apart)} aria-label={words.title}>
      <div className={paneCss.panelHead}>
        <b>{words.title}</b>
      </div>
      <div className={clsx(styles.body, styles.two)}>
        <Segments
          label={words.label}
          value={unitsFirst()}
          of={[
            ['metric', words.metric],
            ['gauge', words.gauge],
          ]}
          pick={(units) => void choose({ units })}
        />
        <Select
          label={words.currency}
          data={currencies}
          searchable
          clearable
          limit={20}
          placeholder={words.none}
          value={currencySaid() ?? null}
          onChange={(currency) => void choose({ currency: currency ?? undefined })}
        />
        <p className={textCss.dim}>{words.about(`${value} ${unit} (${other})`)}</p>
      </div>
    </section>
  )
}
