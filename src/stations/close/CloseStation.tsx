'use client'
import styles from './CloseStation.module.css'
import { closeStationWords as words } from '@/words/screens/close/closeStation'
import { useClock } from '@/ui/frame/Clock'

import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { useEffect, useMemo, useState } from 'react'
import type { Bundle } from '@/core/craft/bundle/bundle'
import { bundleOf } from '@/core/record/standing/wiresInto'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { isClosed } from '@/core/record/state/state'
import { useAuthor } from '@/ui/job/useAuthor'
import { useJob } from '@/ui/job/JobProvider'
import { useAt } from '@/ui/job/useAt'
import { Queue, type QueueLook, type QueueRows, type QueueSection } from '@/ui/list/Queue'
import { lengthSaid, plural } from '@/words/figures'
import { bundleWorker } from '@/workers/bundleClient'
import { Papers } from './Papers'
import { RenewLacing } from './RenewLacing'
import { SignCard } from './SignCard'
import { TrayCard } from './TrayCard'
import { workLeft } from '@/core/work/left/workLeft'
import { unitAndId } from '@/core/record/plan/keys'

type State = ReturnType<typeof useJob>['state']

/** What is left to do here, a few lines. */
type CloseLine = QueueLook & { readonly key: string }

const closeRows: QueueRows<CloseLine> = { keyOf: (line) => line.key, look: (line) => line }

/** Bundle, tray, signature, papers: the end of a job. */
export function CloseStation() {
  const { state } = useJob()
  const second = rulesOf(state).secondSignature
  const closed = isClosed(state)
  const sections: readonly QueueSection<CloseLine>[] = useMemo(
    () => [
      {
        id: 'close',
        title: words.toClose,
        items: [
          ...[...state.lacings].map(([key, now]) => ({
            key: `lacing ${key}`,
            glyph: now === 'open' ? ('todo' as const) : ('wait' as const),
            name: unitAndId(key).id,
            words: words.lacingRenewIt(now === 'open'),
          })),
          {
            key: 'tray',
            glyph: state.tray?.allBack ? 'done' : state.tray ? 'fault' : 'todo',
            name: words.tray,
            words: state.tray
              ? state.tray.allBack
                ? words.toolsBackScrapFound
                : words.somethingIsMissing
              : words.countIt,
          },
          {
            key: 'sign',
            glyph: closed ? 'done' : workLeft(state) > 0 ? 'wait' : 'todo',
            name: words.sign,
            words: closed
              ? 'signed'
              : workLeft(state) > 0
                ? words.leftBefore(workLeft(state))
                : words.buildersSignature,
          },
          ...(second
            ? [{ key: 'second', glyph: 'wait' as const, name: words.second, words: words.anotherPersonsSignature }]
            : []),
        ],
      },
    ],
    [state, closed, second],
  )
  const [lacing] = state.lacings.keys()
  const {
    at = 'tray',
    select,
    follow,
  } = useAt(
    (key) => key === 'tray' || key === 'sign' || key === 'second' || lacingAt(state, key) !== undefined,
    lacing === undefined ? (state.tray?.allBack ? 'sign' : 'tray') : `lacing ${lacing}`,
  )
  const laced = lacingAt(state, at)
  return (
    <div className={paneCss.station}>
      <Queue sections={sections} rows={closeRows} selected={at} onSelect={select} label={words.toClose} />
      <div className={paneCss.work}>
        <BundleSheet state={state} />
        <Signatures state={state} />
        <Papers />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.toClose}>
        {laced ? (
          <RenewLacing key={at} unit={laced.unit} wire={laced.wire} done={follow} />
        ) : at === 'tray' ? (
          <TrayCard done={follow} />
        ) : (
          <SignCard role={at === 'second' ? 'second' : 'builder'} />
        )}
      </aside>
    </div>
  )
}

/** The wire that a row is about, along which the bundle stands open. */
function lacingAt(state: State, row: string): { readonly unit: number; readonly wire: string } | undefined {
  const key = row.replace(/^lacing /, '')
  const { unit, id } = unitAndId(key)
  return key !== row && state.lacings.has(key) ? { unit, wire: id } : undefined
}

/** Above this a packing takes longer than it is worth; the bundle is then said by its area. */
const PACK_LIMIT = 120
/** Share of a round bundle that many wires fill. */
const MANY_WIRES_FILL = 0.78

function BundleSheet({ state }: { readonly state: State }) {
  const branches = useMemo(
    () => state.plan.ends.map((end) => ({ name: `at ${end.id}`, diametersMm: bundleOf(state, end.id) })),
    [state],
  )
  const [bundles, setBundles] = useState<ReadonlyMap<string, Bundle>>(new Map())
  const asked = JSON.stringify(branches)
  useEffect(() => {
    const wanted = (JSON.parse(asked) as typeof branches).filter((branch) => branch.diametersMm.length <= PACK_LIMIT)
    const worker = bundleWorker()
    for (const branch of wanted)
      void worker.pack(branch.diametersMm).then((bundle) => setBundles((now) => new Map(now).set(branch.name, bundle)))
    return worker.stop
  }, [asked])
  return (
    <section className={clsx(paneCss.panel, styles.bundles)} aria-label={words.bundles}>
      <h2 className={styles.bundle}>
        {words.bundle} <span className={clsx(textCss.dim, styles.light)}>{words.overBareWiresPacked}</span>
      </h2>
      <div className={styles.row}>
        {branches.map(({ name, diametersMm }) => {
          const bundle = bundles.get(name)
          const many = diametersMm.length > PACK_LIMIT
          const byAreaMm = Math.sqrt(diametersMm.reduce((sum, d) => sum + d * d, 0) / MANY_WIRES_FILL)
          const said = bundle ? lengthSaid(bundle.diameterMm, 1) : many ? lengthSaid(byAreaMm, 0) : undefined
          return (
            <div key={name} className={styles.row2}>
              {bundle && (
                <svg
                  viewBox={`${-bundle.diameterMm / 2 - 0.3} ${-bundle.diameterMm / 2 - 0.3} ${bundle.diameterMm + 0.6} ${bundle.diameterMm + 0.6}`}
                  width={84}
                  height={84}
                  aria-hidden="true"
                >
                  <circle r={bundle.diameterMm / 2} fill="none" stroke="var(--hairline)" strokeWidth="0.15" />
                  {bundle.circles.map((circle, i) => (
                    <circle
                      key={i}
                      cx={circle.xMm}
                      cy={circle.yMm}
                      r={circle.rMm}
                      fill="var(--glaze-wash)"
                      stroke="var(--glaze)"
                      strokeWidth="0.12"
                    />
                  ))}
                </svg>
              )}
              <div>
                <div className={clsx(textCss.small, textCss.dim)}>
                  {name}, {plural(diametersMm.length, 'wire')}
                </div>
                <div className={clsx(textCss.mono, styles.large)} data-testid={`bundle-${name}`}>
                  {said?.value ?? '…'}{' '}
                  <small className={clsx(textCss.dim, styles.smaller)}>{words.byArea(said?.unit ?? '', many)}</small>
                </div>
              </div>
            </div>
          )
        })}
      </div>
    </section>
  )
}

function Signatures({ state }: { readonly state: State }) {
  const clock = useClock()
  const author = useAuthor()
  if (state.signatures.length === 0) return null
  return (
    <section className={clsx(paneCss.panel, styles.signatures)} aria-label={words.signatures}>
      <h2 className={styles.signatures2}>{words.signatures}</h2>
      {state.signatures.map((one) => (
        <p key={`${one.at} ${one.role}`} className={one.void ? textCss.dim : undefined}>
          {one.void ? '– ' : '✓ '}
          <b>{/* a signature stands behind what it covers */ author(one.by, one.covers + 1)}</b>
          {words.coversEntriesTo(one.role, clock.dayTime(one.at), one.covers)}
          {one.void && words.reopenedSince}
        </p>
      ))}
    </section>
  )
}
