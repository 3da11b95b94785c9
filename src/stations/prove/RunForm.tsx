import { Button, Checkbox, Kbd, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import { parseQuantity, readQuantity } from '@/core/base/units/parseQuantity'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { ohms } from '@/words/figures'
import { quantityWords } from '@/words/quantity'
import { analyserViewWords as words } from '@/words/screens/prove/analyserView'
import type { useScan } from './useScan'

/** What reads less is joined: far above a wire, far below damp insulation. */
const BELOW = '100 ohm'
/** The analyser reads in steps of a tenth of a milliohm. */
const RESOLUTION_OHM = 0.0001

/** Starts a run once the ends lie on the points, stops it, and writes down what it found. */
export function RunForm({
  unit,
  scan,
  isGood,
  done,
  explain,
}: {
  readonly unit: number
  readonly scan: ReturnType<typeof useScan>
  /** the last run found all as planned */
  readonly isGood: boolean
  readonly done: () => void
  readonly explain: (() => void) | undefined
}) {
  const { append } = useJob()
  const busy = useBusy()
  const [mapped, setMapped] = useState(false)
  const [belowText, setBelow] = useState(BELOW)
  const [temperature, setTemperature] = useState('20 °C')
  const below = parseQuantity(belowText, 'resistance')
  const celsius = readQuantity(temperature, 'temperature')
  const go = async () => {
    if (!below.ok || !celsius.ok || !mapped || busy) return
    const end = await scan.start(below.value)
    if (!end) return
    setMapped(false)
    await append({
      kind: 'harness-analysed',
      unit,
      points: [...end.points],
      joined: end.joined.map((joint) => ({ ...joint })),
      belowOhm: below.value,
      resolutionOhm: RESOLUTION_OHM,
      temperatureC: Math.round(celsius.value.value * 10) / 10,
      readBy: end.identity,
    })
  }
  const main = mapped
    ? { words: words.runAllPairs, run: () => void go() }
    : isGood
      ? { words: words.goOn, run: done }
      : { words: words.endsLieAsShown, run: () => setMapped(true) }
  useKeys([
    ...(scan.run
      ? [{ key: 'Escape', words: words.stopRun, run: scan.stop }]
      : [{ key: ' ', words: main.words, run: main.run }]),
    ...(explain ? [{ key: 'd', words: words.whatExplainsIt, run: explain }] : []),
  ])
  if (scan.run)
    return (
      <Button onClick={scan.stop}>
        <span>{words.stopRun}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    )
  return (
    <>
      <Checkbox
        checked={mapped}
        onChange={(event) => setMapped(event.currentTarget.checked)}
        label={words.endsLieAsShown}
      />
      <div className={paneCss.fieldRow}>
        <TextInput
          label={words.joinedBelow}
          value={belowText}
          onChange={(event) => setBelow(event.target.value)}
          error={below.ok ? undefined : quantityWords(below.fault, 'resistance')}
        />
        <TextInput
          label={words.temperature}
          value={temperature}
          onChange={(event) => setTemperature(event.target.value)}
          error={celsius.ok ? undefined : quantityWords(celsius.fault, 'temperature')}
        />
      </div>
      {below.ok && <p className={clsx(textCss.small, textCss.dim)}>{words.whatReadsLess(ohms(below.value))}</p>}
      <Button variant="filled" disabled={busy || !below.ok || !celsius.ok} onClick={main.run}>
        <span>{main.words}</span> <Kbd aria-hidden="true">Space</Kbd>
      </Button>
      {explain && (
        <Button onClick={explain}>
          <span>{words.whatExplainsIt}</span> <Kbd aria-hidden="true">D</Kbd>
        </Button>
      )}
    </>
  )
}
