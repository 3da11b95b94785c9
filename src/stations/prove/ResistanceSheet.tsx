import { TextInput } from '@mantine/core'
import clsx from 'clsx'
import { plausible } from '@/core/base/units/plausible'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import type { NetVerdict } from '@/core/work/prove/netVerdict'
import { useKeptForm } from '@/ui/card/useKeptForm'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { ohms } from '@/words/figures'
import { quantityWords } from '@/words/quantity'
import { proveStationWords as words } from '@/words/screens/prove/proveStation'
import { netVerdictWords as verdictWords } from './netVerdictWords'
import styles from './ProveStation.module.css'

/** What the reading says of the contacts alone: always the bound that is certain, and what hides the rest. */
function ContactsSaid({
  figures: { verdict, contacts, outlier },
  resolutionOhm,
}: {
  readonly figures: NonNullable<NetVerdict['resistance']>
  readonly resolutionOhm: number
}) {
  if (!contacts) return null
  const said = verdictWords[contacts.verdict]
  return (
    <>
      <span className={textCss[said.tone]} data-testid="contacts-verdict">
        {said.sign} {words.contactsTogether(contacts)}
      </span>
      {verdict === 'cannot-tell' && <span className={textCss.caution}>{words.readingLiesAcross(resolutionOhm)}</span>}
      {outlier && <span className={textCss.fault}>▲ {words.standsOut}</span>}
    </>
  )
}

const nothingTyped = { text: '' }
const typed = (_form: typeof nothingTyped, text: string) => ({ text })

/** What a net should read, what was read, and what that says. */
export function ResistanceSheet({ net }: { readonly net: NetVerdict }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const [{ text }, setText, forget] = useKeptForm(
    typed,
    nothingTyped,
    `reading ${net.unit}/${net.wire.id}`,
    net.measured,
  )
  const read = parseQuantity(text, 'resistance', { plausible: plausible.netOhm })
  const figures = net.resistance
  if (!figures) return null
  const verdict = figures.verdict && verdictWords[figures.verdict]
  return (
    <section className={clsx(paneCss.panel, styles.resistance)} aria-label={words.resistance}>
      <div>
        <div className={clsx(textCss.small, textCss.dim)}>{words.shouldBe}</div>
        <div className={clsx(textCss.mono, styles.large)}>{ohms(figures.expectedOhm)}</div>
        <div className={clsx(textCss.small, textCss.dim, textCss.mono)}>
          {words.between(figures.windowOhm[0], figures.windowOhm[1])}
        </div>
      </div>
      <div>
        <div className={clsx(textCss.small, textCss.dim)}>
          {net.measured?.fourWire ? words.measuredFourWires : words.measuredLeadsOff}
        </div>
        <div className={clsx(textCss.mono, styles.large)}>
          {figures.netOhm === undefined ? '–' : ohms(figures.netOhm)}
        </div>
        <div className={clsx(textCss.small, textCss[verdict ? verdict.tone : 'dim'])} data-testid="resistance-verdict">
          {verdict ? `${verdict.sign} ${verdict.words}` : state.leads ? words.notMeasured : words.measureLeadsFirst}
        </div>
      </div>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          if (read.ok && !busy)
            void append({ kind: 'net-measured', unit: net.unit, wire: net.wire.id, ohm: read.value }).then(
              (written) => written && forget(),
            )
        }}
      >
        <TextInput
          label={words.meterShowsOrMohm}
          value={text}
          inputMode="decimal"
          disabled={!net.ready || !state.leads}
          onChange={(event) => setText(event.target.value)}
          error={text !== '' && !read.ok}
        />
        {text !== '' && !read.ok && <span className={textCss.wrong}>{quantityWords(read.fault, 'resistance')}</span>}
        <ContactsSaid figures={figures} resolutionOhm={net.measured?.resolutionOhm ?? 0} />
      </form>
    </section>
  )
}
