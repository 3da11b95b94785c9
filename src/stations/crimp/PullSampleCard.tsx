'use client'
import { pullSampleCardWords as words } from '@/words/screens/crimp/pullSampleCard'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { implausiblePull } from '@/core/record/standing/plausible'
import type { QueueGroup, QueueItem } from '@/core/views/queue'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { CheckList, useChecks } from '@/ui/card/CheckList'
import { DeviceLine } from '@/ui/device/DeviceLine'
import { FigureField } from '@/ui/device/FigureField'
import { ForceCurve } from '@/ui/device/ForceCurve'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { newtons } from '@/words/figures'
import { breakWords } from '@/words/practices'
import { implausibleWords } from '@/words/implausible'
import { CrimpReadouts } from './CrimpReadouts'
import { PullSources } from './PullSources'
import { SpecimenSheet } from './SpecimenSheet'
import { usePieceInstruments } from './usePieceInstruments'
import { usePull } from './usePull'

/** One in so many is pulled to destruction while the setup runs; a low one stops it. */
export function PullSampleCard({ item, group }: { readonly item: QueueItem; readonly group: QueueGroup }) {
  const { state, append, busy } = useJob()
  const bench = usePieceInstruments(item)
  const { pull, setPull, pullN, ask, said, clear } = usePull(bench)
  const minimumN = item.set.pull?.forceN
  const low = pullN !== undefined && minimumN !== undefined && pullN < minimumN
  const noPull = pullN === undefined ? undefined : implausiblePull(state.facts, item.termination, item.set, pullN)
  const samples = state.setups.get(group.id)?.samples ?? []
  const checks = useChecks(`${group.id} sample ${String(samples.length)}`, [])
  const record = () => {
    if (!said || noPull) return
    const { wire, side } = item.termination
    void append({ kind: 'pull-sampled', setup: group.id, wire: wire.id, side, ...said }).then(
      (written) => written && clear(),
    )
  }
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} piece={words.sampleLike} />
        {bench.pulling ? (
          <ForceCurve key={bench.pulling.version} points={bench.points} done={bench.pulling.done} minimumN={minimumN} />
        ) : (
          <SpecimenSheet item={item} crimped />
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.sample}>
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        <h2 className={textCss.cardTitle}>{words.pullSample}</h2>
        <p>{words.onePieceInOf(rulesOf(state).pullEvery)}</p>
        <FigureField
          label={words.pulledOffAtN}
          dimension="force"
          figure={pull}
          onChange={setPull}
          hint={minimumN === undefined ? '' : `≥ ${String(minimumN)}`}
          wrong={low || noPull !== undefined}
          ask={ask}
          fault={noPull ? implausibleWords(noPull) : low ? words.isBelowReleaseEnds(pullN, minimumN) : undefined}
        />
        {pull.breaks && <p className={textCss.small}>{words.itBroke(breakWords[pull.breaks])}</p>}
        {bench.message !== undefined && (
          <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
            ▲ {bench.message}
          </p>
        )}
        <CheckList
          lines={[]}
          checks={checks}
          main={low ? words.recordItStopThis : pullN === undefined ? words.pullItFirst : words.recordSample}
          busy={busy || bench.working !== undefined}
          onMain={record}
          enabled={pullN !== undefined && !noPull}
        />
        {samples.length > 0 && (
          <p className={clsx(textCss.small, textCss.dim)}>
            {words.before(
              samples
                .map((one) => newtons(one.pullN))
                .slice(-6)
                .join(', '),
            )}
          </p>
        )}
        <PullSources item={item}>
          <DeviceLine ids={['pull-tester']} fault={bench.fault} onFault={bench.setFault} />
        </PullSources>
      </aside>
    </>
  )
}
