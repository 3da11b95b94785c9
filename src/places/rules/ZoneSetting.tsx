'use client'
import { Autocomplete } from '@mantine/core'
import clsx from 'clsx'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { isZone } from '@/core/base/benchDay'
import { useCall } from '@/ui/action/useCall'
import { useClock } from '@/ui/frame/Clock'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { zoneWords } from '@/words/screens/rules/zoneSetting'
import { saveZone } from './actions'
import styles from './BenchSetting.module.css'

const zones = Intl.supportedValuesOf('timeZone')

/** Where the bench is: its clock says what “today” means. */
export function ZoneSetting() {
  const router = useRouter()
  const clock = useClock()
  const { call } = useCall()
  const [text, setText] = useState(clock.zone)
  const [fault, setFault] = useState<string>()
  const [now, setNow] = useState<string>()
  // the moment differs between server and browser: it is said once the page stands
  useEffect(() => setNow(new Date().toISOString()), [clock])
  const choose = async (zone: string) => {
    if (zone === clock.zone) return setFault(undefined)
    if (!isZone(zone)) return setFault(zoneWords.unknown(zone))
    const outcome = await call(() => saveZone(zone), zoneWords.unwritten)
    setFault(outcome && !outcome.ok ? outcome.message : undefined)
    return router.refresh()
  }
  return (
    <section className={clsx(paneCss.panel, styles.apart)} aria-label={zoneWords.title}>
      <div className={paneCss.panelHead}>
        <b>{zoneWords.title}</b>
      </div>
      <div className={styles.body}>
        <Autocomplete
          label={zoneWords.label}
          data={zones}
          limit={20}
          value={text}
          onChange={setText}
          onOptionSubmit={(zone) => void choose(zone)}
          onBlur={() => void choose(text.trim())}
          onKeyDown={(event) => event.key === 'Enter' && isZone(text.trim()) && void choose(text.trim())}
          error={fault}
        />
        <p className={textCss.dim}>{now !== undefined && zoneWords.about(clock.dayTime(now))}</p>
      </div>
    </section>
  )
}
