import { Button, Kbd, NativeSelect, Textarea, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { useMemo, useState } from 'react'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import { type Layout, tooShort } from '@/core/record/plan/layout'
import { keepOutLines, readKeepOuts, readStretches, stretchLines } from '@/core/work/close/layoutText'
import { proposeLayout } from '@/core/work/close/proposeLayout'
import { useAction } from '@/ui/action/useAction'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { figure, mm } from '@/words/figures'
import { layoutCardWords as words } from '@/words/screens/close/layoutCard'
import { saveLayout } from './actions'

const heldWays = ['ties', 'lacing', 'none'] as const
type Held = (typeof heldWays)[number]
const asHeld = (text: string): Held => heldWays.find((way) => way === text) ?? 'ties'

/** How the bundle lies: stretches, places without ties, ties and labels. A first one is worked out from the wires' lengths. */
export function LayoutCard() {
  const { state } = useJob()
  const { plan } = state
  const begin = useMemo(() => plan.layout ?? proposeLayout(plan), [plan])
  if (!begin) return <p className={textCss.dim}>{words.noWireBetween}</p>
  // a layout that somebody else has changed begins the form anew
  return <LayoutForm key={JSON.stringify(plan.layout)} begin={begin} isProposed={plan.layout === undefined} />
}

function LayoutForm({ begin, isProposed }: { readonly begin: Layout; readonly isProposed: boolean }) {
  const { state } = useJob()
  const action = useAction()
  const [stretches, setStretches] = useState(() => stretchLines(begin))
  const [keepOuts, setKeepOuts] = useState(() => keepOutLines(begin))
  const [held, setHeld] = useState<Held>(begin.held)
  const [first, setFirst] = useState(`${String(begin.firstMm)} mm`)
  const [pitch, setPitch] = useState(`${String(begin.pitchMm)} mm`)
  const [label, setLabel] = useState(begin.labelMm === undefined ? '' : `${String(begin.labelMm)} mm`)
  const [laid, setLaid] = useState(figure(begin.laidShare * 100, 0))
  const segments = readStretches(stretches)
  const kept = readKeepOuts(keepOuts)
  const [firstMm, pitchMm] = [parseQuantity(first, 'length'), parseQuantity(pitch, 'length')]
  const labelMm = label.trim() === '' ? undefined : parseQuantity(label, 'length')
  const share = /^\d{1,2}$/.test(laid.trim()) ? Number(laid) / 100 : undefined
  const layout: Layout | undefined =
    segments.ok && kept.ok && firstMm.ok && pitchMm.ok && labelMm?.ok !== false && share !== undefined
      ? {
          segments: segments.value,
          keepOuts: kept.value,
          held,
          firstMm: firstMm.value,
          pitchMm: pitchMm.value,
          laidShare: share,
          ...(labelMm && { labelMm: labelMm.value }),
        }
      : undefined
  const short = layout ? tooShort(state.plan, layout) : []
  return (
    <form
      className={paneCss.choices}
      onSubmit={(event) => {
        event.preventDefault()
        if (layout && !action.busy)
          void action.write((asking) => saveLayout({ ...asking, layout }), words.layoutIsSet, words.nothingChanged)
      }}
    >
      <h2 className={textCss.cardTitle}>{words.howItLies}</h2>
      {isProposed && <p className={clsx(noteCss.note, noteCss.attend)}>{words.estimated}</p>}
      <Textarea
        label={words.stretches}
        description={words.stretchesHint}
        value={stretches}
        rows={5}
        onChange={(event) => setStretches(event.target.value)}
        error={segments.ok ? undefined : words.lineFault(segments.fault)}
      />
      <Textarea
        label={words.withoutTies}
        description={words.withoutTiesHint}
        value={keepOuts}
        rows={2}
        onChange={(event) => setKeepOuts(event.target.value)}
        error={kept.ok ? undefined : words.lineFault(kept.fault)}
      />
      <div className={paneCss.fieldRow}>
        <NativeSelect
          label={words.heldBy}
          value={held}
          onChange={(event) => setHeld(asHeld(event.target.value))}
          data={heldWays.map((value) => ({ value, label: words.held[value] }))}
        />
        <TextInput
          label={words.laidMore}
          value={laid}
          onChange={(event) => setLaid(event.target.value)}
          error={share === undefined}
        />
      </div>
      <div className={paneCss.fieldRow}>
        <TextInput
          label={words.firstFrom}
          value={first}
          onChange={(event) => setFirst(event.target.value)}
          error={!firstMm.ok}
        />
        <TextInput
          label={words.pitchAtMost}
          value={pitch}
          onChange={(event) => setPitch(event.target.value)}
          error={!pitchMm.ok}
        />
      </div>
      <TextInput
        label={words.labelFrom}
        value={label}
        placeholder={words.noLabels}
        onChange={(event) => setLabel(event.target.value)}
        error={labelMm?.ok === false}
      />
      {short.length > 0 && (
        <p className={clsx(noteCss.note, noteCss.caution)}>
          ◆ {words.tooShort(short.slice(0, 6).map(({ wire, shortMm }) => `${wire} ${mm(shortMm, 0)}`))}
        </p>
      )}
      <Button type="submit" variant="filled" disabled={!layout || action.busy}>
        <span>{isProposed ? words.takeLayout : words.setLayout}</span> <Kbd aria-hidden="true">Enter</Kbd>
      </Button>
    </form>
  )
}
