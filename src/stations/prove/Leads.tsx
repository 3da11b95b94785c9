'use client'
import { plausible } from '@/core/base/units/plausible'
import styles from './Leads.module.css'
import { leadsWords as words } from '@/words/screens/prove/leads'
import { useClock } from '@/ui/frame/Clock'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Button, Kbd, NativeSelect, TextInput } from '@mantine/core'
import { useState } from 'react'
import { parseQuantity, readQuantity } from '@/core/base/units/parseQuantity'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { ohms } from '@/words/figures'
import { quantityWords } from '@/words/quantity'

/** The meter's own leads, shorted, and its smallest step: both are subtracted or respected in every verdict. */
export function Leads() {
  const clock = useClock()
  const { state, append } = useJob()
  const busy = useBusy()
  const [open, setOpen] = useState(false)
  const [ohmText, setOhm] = useState('')
  const [stepText, setStep] = useState('0.01')
  const [fourWire, setFourWire] = useState(false)
  const [temperature, setTemperature] = useState('20 °C')
  const celsius = readQuantity(temperature, 'temperature')
  const ohm = parseQuantity(ohmText, 'resistance', { plausible: plausible.netOhm })
  const step = parseQuantity(stepText, 'resistance', { plausible: plausible.meterStepOhm })
  // leads that read nothing are a four-wire meter's
  const isZero = /^0+([.,]0*)?$/.test(ohmText.trim())
  const value = isZero || fourWire ? 0 : ohm.ok ? ohm.value : undefined
  const { leads } = state
  if (leads && !open) {
    return (
      <Button onClick={() => setOpen(true)}>
        <span>
          {leads.fourWire ? (
            words.fourWires
          ) : (
            <>
              {words.leads} <b className={textCss.mono}>{ohms(leads.ohm)}</b>
            </>
          )}
          {words.stepsOf} <b className={textCss.mono}>{ohms(leads.resolutionOhm)}</b>
          {leads.temperatureC !== undefined && words.at(leads.temperatureC)}
          <span className={clsx(textCss.small, textCss.dim, styles.light)}>
            {words.measuredMeasureAgain(clock.timeOfDay(leads.at))}
          </span>
        </span>
      </Button>
    )
  }
  return (
    <form
      aria-label={words.meterLeads}
      onSubmit={(event) => {
        event.preventDefault()
        if (value !== undefined && step.ok && celsius.ok)
          void append({
            kind: 'leads-measured',
            ohm: value,
            resolutionOhm: step.value,
            temperatureC: Math.round(celsius.value.value * 10) / 10,
            ...(fourWire && { fourWire }),
          }).then((written) => written && setOpen(false))
      }}
    >
      <b>{fourWire ? words.forResistances : words.forResistancesTouchProbes}</b>
      <div className={paneCss.fieldRow}>
        <NativeSelect
          label={words.howMeterIsJoined}
          value={fourWire ? 'four' : 'two'}
          onChange={(event) => setFourWire(event.target.value === 'four')}
          data={[
            { value: 'two', label: words.twoProbes },
            { value: 'four', label: words.fourWires },
          ]}
        />
        <TextInput
          label={words.temperature}
          value={temperature}
          inputMode="decimal"
          onChange={(event) => setTemperature(event.target.value)}
          error={!celsius.ok}
        />
      </div>
      <div className={paneCss.fieldRow}>
        <TextInput
          label={words.leadsShow}
          disabled={fourWire}
          value={ohmText}
          inputMode="decimal"
          onChange={(event) => setOhm(event.target.value)}
          error={ohmText !== '' && value === undefined}
        />
        <TextInput
          label={words.smallestStep}
          value={stepText}
          inputMode="decimal"
          onChange={(event) => setStep(event.target.value)}
          error={!step.ok}
        />
      </div>
      {!celsius.ok && <span className={textCss.wrong}>{quantityWords(celsius.fault, 'temperature')}</span>}
      {ohmText !== '' && value === undefined && !ohm.ok && (
        <span className={textCss.wrong}>{quantityWords(ohm.fault, 'resistance')}</span>
      )}
      <Button type="submit" disabled={busy || value === undefined || !step.ok || !celsius.ok}>
        <span>{words.keepLeadsFigure}</span> <Kbd aria-hidden="true">Enter</Kbd>
      </Button>
    </form>
  )
}
