'use client'
import { plausible } from '@/core/base/units/plausible'
import { cutPaneWords as words } from '@/words/screens/prep/cutPane'
import { Button, Kbd, TextInput } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { type CutBatch, type CutPiece, cutBatches, cutRequest, namePieces } from '@/core/work/prep/cutList'
import type { CutPlan } from '@/core/craft/cut/cutTypes'
import { bareUnit } from '@/words/benchUnits'
import { parseQuantity } from '@/core/base/units/parseQuantity'
import type { Said } from '@/ui/job/journalClient'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { Readout, Readouts } from '@/ui/readout/Readouts'
import { Swatch } from '@/ui/wire/Swatch'
import { lengthSaid, metres, shortMm } from '@/words/figures'
import { quantityWords, understoodAs } from '@/words/quantity'
import { planCuts } from '@/workers/cutClient'
import { countSpool, spoolsOf } from './actions'
import { unanswered } from '@/words/unanswered'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './CutPane.module.css'

type Spool = Awaited<ReturnType<typeof spoolsOf>>[number]
/** Entries that go to the journal together. */
const AT_ONCE = 400

type Planned = { readonly batch: CutBatch; readonly spools: readonly Spool[]; readonly plan: CutPlan | undefined }

/** What is cut from which spool, in the order that wastes least; a whole spool is written with one key. */
export function CutPane() {
  const { id, state, append } = useJob()
  const busy = useBusy()
  const batches = useMemo(() => cutBatches(state), [state])
  const [wanted, setWanted] = useState<string>()
  const batch = batches.find((one) => one.type === wanted) ?? batches.find((one) => one.pieces.length > 0) ?? batches[0]
  const { spools, reload } = useSpools(batches)
  const planned = usePlan(batch, spools)
  const current = planned && planned.batch === batch ? planned : undefined
  const named = current?.plan && namePieces(current.batch, current.plan)
  const first = named?.spools[0]
  const cut = async (pieces: readonly CutPiece[], spool?: string) => {
    const said: Said[] = pieces.map(({ unit, wire, lengthMm }) => ({
      kind: 'wire-cut',
      unit,
      wire: wire.id,
      lengthMm,
      ...(spool !== undefined && { spool }),
    }))
    // a journal takes so many at once; what is written stays written when a later part is not
    for (let from = 0; from < said.length; from += AT_ONCE)
      if (!(await append(...said.slice(from, from + AT_ONCE)))) break
    reload()
  }
  useKeys([
    {
      key: ' ',
      words: words.firstSpoolsPiecesAre,
      run: () => void (first && !busy && cut(first.pieces, first.spool)),
    },
    {
      key: 'b',
      words: words.nextWireType,
      run: () =>
        setWanted(batches[(batches.findIndex((one) => one === batch) + 1) % Math.max(1, batches.length)]?.type),
    },
  ])
  if (!batch)
    return (
      <div className={paneCss.work}>
        <p className={clsx(noteCss.note, noteCss.attend)}>{words.noWiresYetPlan}</p>
      </div>
    )
  const type = state.facts.wireTypes[batch.type]
  const next = first?.pieces[0] ?? batch.pieces[0]
  return (
    <>
      <div className={paneCss.work}>
        <Readouts>
          <Readout
            label={words.cutNext}
            {...(next ? lengthSaid(next.lengthMm, 0) : { value: '–' })}
            also={first ? words.from(first.pieces.length, first.spool) : (type?.name ?? batch.type)}
            wide
          />
          <Readout label={words.wire} value={batch.type} also={type?.name ?? ''} wide />
          <Readout
            label={words.toCut}
            value={String(batch.pieces.length)}
            unit={`of ${String(batch.all)}`}
            also={metres(batch.totalMm)}
          />
          <Readout
            label={words.waste}
            {...(current?.plan ? lengthSaid(current.plan.wasteMm, 0) : { value: '–' })}
            also={
              current?.plan
                ? current.plan.proven
                  ? words.leastThereIs
                  : words.atLeast(current.plan.spoolsOpened, current.plan.bound)
                : ''
            }
          />
        </Readouts>
        <section className={clsx(paneCss.panel, paneCss.panelFill)} aria-label={words.cutList}>
          <div className={paneCss.panelBody} tabIndex={0} role="region" aria-label={words.piecesBySpool}>
            {batch.pieces.length === 0 && (
              <p className={clsx(textCss.good, styles.allWiresOfAre)}>{words.allWiresOfAre(batch.all, batch.type)}</p>
            )}
            {named?.spools.map((one, i) => (
              <div key={one.spool} className={styles.cutSpool} data-first={i === 0}>
                <h2>
                  <span>
                    <b className={textCss.mono}>{one.spool}</b> {words.leaves(one.pieces.length)}{' '}
                    <b className={textCss.mono}>{metres(one.leftMm)}</b>
                  </span>
                  <Button
                    variant={i === 0 ? 'filled' : 'default'}
                    fullWidth={false}
                    disabled={busy}
                    onClick={() => void cut(one.pieces, one.spool)}
                  >
                    <span>{words.cutFrom(one.pieces.length, one.spool)}</span>{' '}
                    {i === 0 && <Kbd aria-hidden="true">Space</Kbd>}
                  </Button>
                </h2>
                <Pieces pieces={one.pieces} quantity={state.plan.quantity} />
              </div>
            ))}
            {named && named.short.length > 0 && (
              <div className={styles.cutSpool}>
                <h2>
                  <span className={textCss.attend}>{words.withoutCountedSpool(named.short.length)}</span>
                  <Button fullWidth={false} disabled={busy} onClick={() => void cut(named.short)}>
                    <span>{words.theyAreCutAll}</span>
                  </Button>
                </h2>
                <Pieces pieces={named.short} quantity={state.plan.quantity} />
              </div>
            )}
          </div>
        </section>
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.cutting}>
        <h2 className={textCss.cardTitle}>{words.cutByWireType}</h2>
        <div className={paneCss.choices} role="group" aria-label={words.wireType}>
          {batches.map((one) => (
            <Choice key={one.type} aria-pressed={one === batch} onClick={() => setWanted(one.type)}>
              <span className={one.pieces.length === 0 ? textCss.good : textCss.dim} aria-hidden="true">
                {one.pieces.length === 0 ? '✓' : '○'}
              </span>
              <span className={textCss.mono}>{one.type}</span>
              <span className={textCss.small}>
                {one.pieces.length === 0 ? words.allCut : words.countToCut(one.pieces.length)}
              </span>
            </Choice>
          ))}
        </div>
        <Button component="a" href={`/jobs/${encodeURIComponent(id)}/papers/labels.pdf`} download>
          <span>{words.printLabelsFirst}</span> <span aria-hidden="true">↓</span>
        </Button>
        <SpoolForm
          key={batch.type}
          type={batch.type}
          spools={spools?.filter((one) => one.wireType === batch.type) ?? []}
          written={reload}
        />
        <p className={clsx(textCss.small, textCss.dim)}>{words.offCutsAreUsed}</p>
      </aside>
    </>
  )
}

/** Pieces that are drawn of one spool; more are counted. */
const DRAWN = 60

function Pieces({ pieces, quantity }: { readonly pieces: readonly CutPiece[]; readonly quantity: number }) {
  return (
    <ul className={styles.cutPieces}>
      {pieces.slice(0, DRAWN).map(({ unit, wire, lengthMm }) => (
        <li key={`${String(unit)}/${wire.id}`}>
          <b className={textCss.mono}>{shortMm(lengthMm, 0)}</b>{' '}
          <span className={textCss.mono}>
            {wire.id}
            {quantity > 1 && ` #${String(unit)}`}
          </span>{' '}
          <Swatch colour={wire.colour} width={18} />
        </li>
      ))}
      {pieces.length > DRAWN && <li className={textCss.dim}>{words.andMore(pieces.length - DRAWN)}</li>}
    </ul>
  )
}

function SpoolForm({
  type,
  spools,
  written,
}: {
  readonly type: string
  readonly spools: readonly Spool[]
  readonly written: () => void
}) {
  const [name, setName] = useState('')
  const [left, setLeft] = useState('')
  const [fault, setFault] = useState<string>()
  const read = parseQuantity(left, 'length', { plausible: plausible.wireLengthMm, unit: bareUnit('length') })
  const write = async (line: Spool) => {
    const outcome = await countSpool(line).catch(
      () => ({ ok: false, message: unanswered(words.nothingWasWritten) }) as const,
    )
    if (!outcome.ok) {
      setFault(outcome.message)
      return
    }
    setName('')
    setLeft('')
    setFault(undefined)
    written()
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (read.ok && name.trim() !== '')
          void write({ id: name.trim(), wireType: type, leftMm: Math.round(read.value) })
      }}
    >
      {spools.length === 0 ? (
        <p className={textCss.small}>{words.noSpoolOfIs(type)}</p>
      ) : (
        <ul className={textCss.small}>
          {spools.map((one) => (
            <li key={one.id} className={styles.row}>
              <span className={textCss.mono}>{one.id}</span>
              <span className={textCss.mono}>{metres(one.leftMm)}</span>
            </li>
          ))}
        </ul>
      )}
      <div className={paneCss.fieldRow}>
        <TextInput
          label={words.spoolOrOffCut}
          value={name}
          placeholder={words.spoolLike}
          onChange={(event) => setName(event.target.value)}
        />
        <TextInput
          label={words.leftOnIt}
          value={left}
          description={understoodAs(left, 'length', { plausible: plausible.wireLengthMm, unit: bareUnit('length') })}
          placeholder="25 m"
          onChange={(event) => setLeft(event.target.value)}
          error={left !== '' && !read.ok}
        />
      </div>
      {left !== '' && !read.ok && (
        <p className={clsx(noteCss.note, noteCss.fault)}>▲ {quantityWords(read.fault, 'length')}</p>
      )}
      {fault !== undefined && (
        <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
          ▲ {fault}
        </p>
      )}
      <Button type="submit" disabled={!read.ok || name.trim() === ''} className={styles.writeItDown}>
        <span>{words.writeItDown}</span>
      </Button>
    </form>
  )
}

function useSpools(batches: readonly CutBatch[]) {
  const [spools, setSpools] = useState<readonly Spool[]>()
  const [asked, setAsked] = useState(0)
  const types = batches.map((batch) => batch.type).join()
  useEffect(() => {
    let late = false
    void spoolsOf(types === '' ? [] : types.split(','))
      .then((found) => !late && setSpools(found))
      .catch(() => !late && setSpools([]))
    return () => {
      late = true
    }
  }, [types, asked])
  return { spools, reload: useCallback(() => setAsked((count) => count + 1), []) }
}

/** The cut plan of a batch, worked out beside the page. */
function usePlan(batch: CutBatch | undefined, spools: readonly Spool[] | undefined): Planned | undefined {
  const [planned, setPlanned] = useState<Planned>()
  useEffect(() => {
    if (!batch || !spools) return undefined
    const stop = new AbortController()
    const mine = spools.filter((one) => one.wireType === batch.type)
    void planCuts(
      cutRequest(
        batch,
        mine.map((one) => ({ id: one.id, lengthMm: one.leftMm })),
      ),
      stop.signal,
    ).then((answer) => {
      if (!stop.signal.aborted) setPlanned({ batch, spools: mine, plan: answer?.ok ? answer.value : undefined })
    })
    return () => stop.abort()
  }, [batch, spools])
  return planned
}
