import { Button, Kbd, TextInput } from '@mantine/core'
import clsx from 'clsx'
import type { HoldTask } from '@/core/work/prove/proofTasks'
import { termLabel } from '@/core/record/plan/keys'
import { pointOf } from '@/core/record/plan/nets'
import { useCallOut } from '@/ui/callOut/callOut'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useDwell } from '@/ui/card/useDwell'
import { useClock } from '@/ui/frame/Clock'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { LONG_PRESS } from '@/ui/keys/keyModel'
import { useKeys } from '@/ui/keys/KeyProvider'
import { useKeptForm } from '@/ui/card/useKeptForm'
import paneCss from '@/ui/pane/pane.module.css'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import textCss from '@/ui/text/text.module.css'
import { Swatch } from '@/ui/wire/Swatch'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { forceSaid, newtons } from '@/words/figures'
import { holdTestWords, pointName } from '@/words/proving'
import { quantityWords, understoodAs } from '@/words/quantity'
import { bareUnit, bareUnitSign } from '@/words/benchUnits'
import { plausible } from '@/core/base/units/plausible'
import { holdCardWords as words } from '@/words/screens/prove/holdCard'
import { PointPlace, ProbeFace } from './ProbeFace'

const nothingTyped = { text: '' }
const typed = (_form: typeof nothingTyped, text: string) => ({ text })

/** One contact pulled: with a gauge in its cavity, or its wire by hand. */
export function HoldCard({ task, done }: { readonly task: HoldTask; readonly done: () => void }) {
  const clock = useClock()
  const { state, append } = useJob()
  const busy = useBusy()
  const { termination, test, askedN, found } = task
  const { key, wire, side, unit } = termination
  const point = pointOf(state.plan, wire, side)
  const said = holdTestWords[test]
  const asked = askedN === undefined ? undefined : forceSaid(askedN)
  useCallOut(task.ready ? words.callOut(said.doIt, pointName(point)) : undefined)
  // by rhythm nothing is passed
  const stood = useDwell(task.key)
  const checks = useChecks(`${task.key} ${state.seq}`, [], '')
  const [{ text }, setText, forget] = useKeptForm(typed, nothingTyped, `held ${task.key}`, found)
  const help = { plausible: plausible.tugN, unit: bareUnit('force') }
  const read = parseQuantity(text, 'force', help)
  const forceN = read.ok ? read.value : undefined
  const wrong = text === '' || read.ok ? undefined : quantityWords(read.fault, 'force')
  const write = (held: boolean) => {
    if (busy || wrong !== undefined) return
    void append({
      kind: 'contact-held',
      term: key,
      test,
      held,
      ...(askedN !== undefined && { askedN }),
      ...(forceN !== undefined && { forceN }),
    }).then((written) => {
      if (!written) return
      forget()
      done()
    })
  }
  useKeys(
    task.ready
      ? [
          { key: 'x', words: said.not, run: () => write(false) },
          { key: LONG_PRESS, words: said.not, run: () => write(false) },
        ]
      : [],
  )
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout label={said.doIt} value={pointName(point)} also={<PointPlace point={point} />} wide />
          {asked && (
            <Readout
              label={words.asked}
              value={asked.value}
              unit={asked.unit}
              other={asked.other}
              also={words.bySheet}
              wide
            />
          )}
          <Readout label={words.wire} value={termLabel(key)} also={<Swatch colour={wire.colour} width={28} />} />
        </Readouts>
        <ProbeFace point={point} red unit={unit} />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisContact}>
        <WireChips wire={wire} />
        <h2 className={clsx(textCss.cardTitle, task.done ? textCss.good : found ? textCss.fault : undefined)}>
          {!task.ready
            ? words.notHome
            : found
              ? found.held
                ? words.held(clock.timeOfDay(found.at), found.forceN === undefined ? undefined : newtons(found.forceN))
                : words.didNotHold
              : words[test]}
        </h2>
        <p>{words.how[test]}</p>
        {task.ready && (
          <>
            {test === 'retention' && (
              <TextInput
                label={words.gaugeShows(bareUnitSign('force'))}
                description={understoodAs(text, 'force', help)}
                value={text}
                inputMode="decimal"
                placeholder={words.notRead}
                onChange={(event) => setText(event.target.value)}
                error={wrong}
              />
            )}
            <CheckList
              lines={[]}
              checks={checks}
              main={found ? words.pullAgainHolds : said.held}
              busy={busy}
              enabled={stood && wrong === undefined}
              onMain={() => write(true)}
            />
            <Button disabled={busy || wrong !== undefined} onClick={() => write(false)}>
              <span>{said.not}</span> <Kbd aria-hidden="true">X</Kbd>
            </Button>
          </>
        )}
        <div className={paneCss.sources}>
          <span>{words.note[test]}</span>
        </div>
      </aside>
    </>
  )
}
