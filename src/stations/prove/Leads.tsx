'use client'
import { useState } from 'react'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { useJob } from '@/ui/job/JobProvider'
import { ohms, timeOfDay } from '@/words/figures'
import { quantityWords } from '@/words/quantity'

/** The meter's own leads, shorted, and its smallest step: both are subtracted or respected in every verdict. */
export function Leads() {
  const { state, append, busy } = useJob()
  const [open, setOpen] = useState(false)
  const [ohmText, setOhm] = useState('')
  const [stepText, setStep] = useState('0.01')
  const ohm = parseQuantity(ohmText, 'resistance')
  const step = parseQuantity(stepText, 'resistance')
  // leads that read nothing are a four-wire meter's
  const isZero = /^0+([.,]0*)?$/.test(ohmText.trim())
  const value = isZero ? 0 : ohm.ok ? ohm.value : undefined
  const { leads } = state
  if (leads && !open) {
    return (
      <button type="button" className="act-button" onClick={() => setOpen(true)}>
        <span>
          Leads <b className="mono">{ohms(leads.ohm)}</b>, steps of <b className="mono">{ohms(leads.resolutionOhm)}</b>
          <span className="small dim" style={{ display: 'block', fontWeight: 400 }}>
            measured {timeOfDay(leads.at)}; measure again
          </span>
        </span>
      </button>
    )
  }
  return (
    <form
      className="field"
      aria-label="Meter leads"
      onSubmit={(event) => {
        event.preventDefault()
        if (value !== undefined && step.ok)
          void append({ kind: 'leads-measured', ohm: value, resolutionOhm: step.value }).then(
            (written) => written && setOpen(false),
          )
      }}
    >
      <b>For resistances: touch the probes together</b>
      <div className="field-row">
        <label className="field">
          Leads show, Ω
          <input
            value={ohmText}
            inputMode="decimal"
            aria-invalid={ohmText !== '' && value === undefined}
            onChange={(event) => setOhm(event.target.value)}
          />
        </label>
        <label className="field">
          Smallest step, Ω
          <input
            value={stepText}
            inputMode="decimal"
            aria-invalid={!step.ok}
            onChange={(event) => setStep(event.target.value)}
          />
        </label>
      </div>
      {ohmText !== '' && value === undefined && !ohm.ok && (
        <span className="wrong">{quantityWords(ohm.fault, 'resistance')}</span>
      )}
      <button type="submit" className="act-button" disabled={busy || value === undefined || !step.ok}>
        <span>Keep the leads’ figure</span> <kbd aria-hidden="true">Enter</kbd>
      </button>
    </form>
  )
}
