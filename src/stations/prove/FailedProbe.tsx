import { Button, Kbd, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { placeOf } from '@/core/record/plan/plan'
import { isCavityHere } from '@/core/record/standing/benchEnds'
import type { NetVerdict } from '@/core/work/prove/netVerdict'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'

const tokens = (text: string) => text.split(/[\s,;]+/).filter((one) => one !== '')

/** What is typed, with one point more, or without it where it stands there already. */
export function withPoint(text: string, point: string): string {
  const said = tokens(text)
  return (said.includes(point) ? said.filter((one) => one !== point) : [...said, point]).join(' ')
}

/** A net that does not ring through: where it rings instead, typed or picked on a face, and what else was seen. */
export function FailedProbe({
  net: { wire, unit },
  rings,
  setRings,
  write,
  back,
}: {
  readonly net: NetVerdict
  readonly rings: string
  readonly setRings: (text: string) => void
  readonly write: (more: { found?: string; rings?: string[] }) => void
  readonly back: () => void
}) {
  const { state } = useJob()
  const busy = useBusy()
  const [found, setFound] = useState('')
  const far = placeOf(state.plan, wire, 'b')
  // a bare number is a cavity of the far end
  const points = tokens(rings).map((one) => (one.includes('.') || far.kind !== 'cavity' ? one : `${far.end}.${one}`))
  const wrong = points.find((point) => !isCavityHere(state, unit, point))
  return (
    <form
      className={paneCss.choices}
      onSubmit={(event) => {
        event.preventDefault()
        if (wrong !== undefined || busy) return
        const said = found.trim()
        write({ ...(points.length > 0 && { rings: points }), ...(said !== '' && { found: said }) })
      }}
    >
      <TextInput
        label={words.ringsInstead}
        description={words.ringsInsteadHint}
        value={rings}
        autoFocus
        placeholder={words.openRingsNowhere}
        onChange={(event) => setRings(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && back()}
        error={wrong !== undefined}
      />
      {wrong !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {words.noSuchPoint(wrong)}
        </p>
      )}
      <TextInput
        label={words.whatWasFound}
        value={found}
        placeholder={words.asSeen}
        onChange={(event) => setFound(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && back()}
      />
      <Button variant="filled" type="submit" disabled={busy || wrong !== undefined}>
        <span>{words.writeFault}</span> <Kbd aria-hidden="true">Enter</Kbd>
      </Button>
    </form>
  )
}
