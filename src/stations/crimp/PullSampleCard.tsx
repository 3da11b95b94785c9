'use client'
import { pullSampleCardWords as words } from '@/words/screens/crimp/pullSampleCard'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { useKeptForm } from '@/ui/card/useKeptForm'
import { DeviceLine } from '@/ui/device/DeviceLine'
import { ForceCurve } from '@/ui/device/ForceCurve'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { pulledWords } from '@/words/pulled'
import { newPiece, pieceForm, readPull, readPulled } from '@/core/work/crimp/pieceForm'
import { HandPull } from './HandPull'
import { InstrumentMessage, PullField } from './PieceFields'
import { CrimpReadouts } from './CrimpReadouts'
import { PullSources } from './PullSources'
import { SpecimenPanel } from './SpecimenPanel'
import { usePieceInstruments } from './usePieceInstruments'

/** One in so many is pulled to destruction while the setup runs; a low one stops it. */
export function PullSampleCard({ item, group }: { readonly item: QueueItem; readonly group: QueueGroup }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const instruments = usePieceInstruments(item)
  const { termination, set } = item
  const samples = state.setups.get(group.id)?.samples ?? []
  const inHand = [`${group.id} sample ${String(samples.length)}`, ''] as const
  const [form, move] = useKeptForm(pieceForm, newPiece, ...inHand)
  const pull = readPull(form.pull, state.facts, termination, set)
  const pulled = readPulled(form, pull)
  const low = form.byHand ? form.byHand === 'came-off' : pull.fault?.kind === 'low'
  const checks = useChecks(inHand[0], [], inHand[1])
  const record = async () => {
    if (!pulled) return
    const { wire, side } = termination
    if (await append({ kind: 'pull-sampled', setup: group.id, wire: wire.id, side, ...pulled })) {
      move({ kind: 'recorded' })
      instruments.clear()
    }
  }
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} piece={words.sampleLike} />
        {instruments.pulling ? (
          <ForceCurve
            key={instruments.pulling.version}
            points={instruments.points}
            done={instruments.pulling.done}
            minimumN={set.pull?.forceN}
          />
        ) : (
          <SpecimenPanel item={item} crimped />
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.sample}>
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>{words.pullSample}</h2>
        <p>{words.onePieceInOf(rulesOf(state).pullEvery)}</p>
        <PullField
          low={words.isBelowReleaseEnds}
          form={form}
          move={move}
          reading={pull}
          set={set}
          instruments={instruments}
        />
        {rulesOf(state).releasePull === 'by-hand' && <HandPull form={form} move={move} />}
        <InstrumentMessage instruments={instruments} />
        <CheckList
          lines={[]}
          checks={checks}
          main={
            low ? words.recordItStopThis : !pulled && pull.pullN === undefined ? words.pullItFirst : words.recordSample
          }
          busy={busy || instruments.working !== undefined}
          onMain={() => void record()}
          enabled={pulled !== undefined}
        />
        {samples.length > 0 && (
          <p className={clsx(textCss.small, textCss.dim)}>
            {words.before(samples.map(pulledWords).slice(-6).join(', '))}
          </p>
        )}
        <PullSources item={item}>
          <DeviceLine ids={['pull-tester']} fault={instruments.fault} onFault={instruments.setFault} />
        </PullSources>
      </aside>
    </>
  )
}
