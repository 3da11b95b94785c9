'use client'
import { Button } from '@mantine/core'
import { useMemo } from 'react'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { asksHeight } from '@/core/record/standing/firstPiece'
import { heightDrift } from '@/core/record/standing/heightWatch'
import { type QueueGroup, type QueueItem } from '@/core/views/queue'
import { newPiece, pieceForm, readFirstPiece } from '@/core/work/crimp/pieceForm'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import type { AtOnce } from '@/ui/card/dueLines'
import { useKeptForm } from '@/ui/card/useKeptForm'
import { DeviceLine } from '@/ui/device/DeviceLine'
import { ForceCurve } from '@/ui/device/ForceCurve'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { stripWindow } from '@/words/figures'
import { firstPieceCardWords as words } from '@/words/screens/crimp/firstPieceCard'
import { CrimpReadouts } from './CrimpReadouts'
import { StrokePanel } from '@/ui/stroke/StrokePanel'
import { firstLooksTicked } from '@/core/record/standing/looksTicked'
import { looksOf } from '@/core/record/standing/looksOf'
import { lookLines } from './lookLines'
import { dueOfStroke, isStrokeTicked, strokeOf } from './strokeOf'
import { LookPictures } from './LookPictures'
import { HandPull } from './HandPull'
import { HeightField, InstrumentMessage, PullField } from './PieceFields'
import { PieceCovers } from './PieceCovers'
import { PiecesBefore } from './PiecesBefore'
import { PullSources } from './PullSources'
import { SpecimenPanel } from './SpecimenPanel'
import { usePieceInstruments } from './usePieceInstruments'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

/** One press for what hands do, and one for all looks, where the rules want them so. */
const made: AtOnce = { says: words.itIsCrimped, recorded: false }
const seen: AtOnce = { says: words.allSeen, recorded: true }

/** What a piece is made of: spare wire, prepared as its own would be. */
const spareLine = ({ termination, set }: QueueItem): CheckLine => ({
  id: 'spare',
  words: (
    <>
      {words.spareOf(termination.wire.type)}{' '}
      {set.seal !== undefined && (
        <>
          <b className={textCss.figure}>{set.seal}</b> {words.on}{' '}
        </>
      )}
      {words.strip} <b className={textCss.mono}>{stripWindow(set.strip)}</b>
    </>
  ),
  hint: words.notOfJob,
  seen: words.spareIsReady,
})

/** Pieces of a setup that count for this mounting, since it was last put in question. */
function piecesTried(state: ReturnType<typeof useJob>['state'], group: string) {
  const setup = state.setups.get(group)
  const drift = heightDrift(state, group)
  return (
    setup?.pieces
      .slice(setup.piecesFrom)
      .filter((piece) => piece.mounted === setup.mounted && (!drift || piece.at > drift.reading.at)) ?? []
  )
}

/** A test piece on spare wire: inspected, measured, pulled to destruction. Good or bad, it is written down. */
export function FirstPieceCard({
  item,
  group,
  done,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly done: () => void
}) {
  const { state, append } = useJob()
  const busy = useBusy()
  const instruments = usePieceInstruments(item)
  const { termination, set } = item
  const looks = looksOf(state, item.set)
  const tried = piecesTried(state, group.id)
  const stroke = useMemo(() => strokeOf(state, item), [state, item])
  const byHand = [spareLine(item), ...(stroke?.checks ?? [])]
  const looked = lookLines(
    looks.filter((look) => !stroke?.answers.includes(look)),
    state.facts.contacts[set.contact],
  )
  const lines = [...byHand, ...looked]
  const inHand = [`${group.id} first ${String(tried.length)}`, state.setups.get(group.id)?.mounted] as const
  const checks = useChecks(inHand[0], lines, inHand[1])
  const [form, move] = useKeptForm(pieceForm, newPiece, ...inHand)
  const { height, pull, missing, bad, measured } = readFirstPiece(form, state.facts, termination, set, {
    height: asksHeight(state),
  })
  const answered =
    stroke?.lines.flatMap(({ id, look }) => (look && isStrokeTicked(checks.ticked, id) ? [look] : [])) ?? []
  const record = async (seenAll: boolean) => {
    if (!measured) return
    const written = await append({
      kind: 'first-piece',
      setup: group.id,
      wire: termination.wire.id,
      side: termination.side,
      looks: looks.map((look) => ({ look, seen: seenAll || checks.ticked.has(look) || answered.includes(look) })),
      ...measured,
      ...(checks.atOnce && { together: true }),
    })
    if (!written) return
    checks.clear()
    move({ kind: 'recorded' })
    instruments.clear()
    done()
  }
  const dueLook = looks.find((look) => look === checks.due?.id)
  // what hands do comes first: the looks are for what is crimped
  const isMade = byHand.every(({ id }) => checks.ticked.has(id))
  const looksAtOnce = firstLooksTicked(state).kind === 'together'
  // a line that answers a look is ticked by itself where looks are
  const strokeAtOnce = looksAtOnce || !stroke || stroke.answers.length === 0
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} piece={words.firstPieceLike} />
        {instruments.pulling ? (
          <ForceCurve
            key={instruments.pulling.version}
            points={instruments.points}
            done={instruments.pulling.done}
            minimumN={set.pull?.forceN}
          />
        ) : !isMade && stroke?.piece ? (
          <StrokePanel
            piece={stroke.piece}
            lines={stroke.lines}
            figures={stroke.figures}
            due={dueOfStroke(stroke, checks.ticked, strokeAtOnce)}
            ticked={(line) => isStrokeTicked(checks.ticked, line)}
            holder={stroke.holder}
            tool={stroke.tool}
          />
        ) : (
          <SpecimenPanel item={item} crimped heightMm={height.measured && height.heightMm} />
        )}
        {!instruments.pulling && isMade && dueLook && (
          <LookPictures
            item={item}
            looks={looksAtOnce ? looks.filter((look) => !stroke?.answers.includes(look)) : [dueLook]}
          />
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.firstPiece}>
        <WireChips wire={termination.wire} side={termination.side} />
        <h2 className={textCss.cardTitle}>{words.firstPieceOnSpare}</h2>
        <PiecesBefore setup={group.id} tried={tried} />
        <CheckList
          lines={isMade ? looked : byHand}
          checks={checks}
          main={missing ? words.missing[missing] : bad ? words.recordItAsNot : words.recordFirstPiece}
          busy={busy || instruments.working !== undefined}
          onMain={() => void record(true)}
          enabled={checks.due !== undefined || missing === undefined}
          atOnce={isMade ? (looksAtOnce ? seen : undefined) : strokeAtOnce ? made : undefined}
        />
        {set.height && (
          <HeightField
            label={words.crimpHeight()}
            hint={words.heightHint(set.height, set.height.estimate, asksHeight(state))}
            outside={words.heightOutsideMm}
            form={form}
            move={move}
            reading={height}
            instruments={instruments}
          />
        )}
        <PullField
          low={words.isBelowThisSetup}
          form={form}
          move={move}
          reading={pull}
          set={set}
          instruments={instruments}
        />
        {rulesOf(state).releasePull === 'by-hand' && <HandPull form={form} move={move} />}
        <InstrumentMessage instruments={instruments} />
        {checks.ticked.size < lines.length && missing === undefined && (
          <Button disabled={busy} onClick={() => void record(false)}>
            <span>{words.notGoodRecordWhat}</span>
          </Button>
        )}
        <PieceCovers group={group} at={termination.key} />
        <p className={clsx(textCss.small, textCss.dim)}>{words.toReleaseSetupEye(group.release.pieces.length)}</p>
        <PullSources item={item}>
          <DeviceLine
            ids={set.height ? ['micrometer', 'pull-tester'] : ['pull-tester']}
            fault={instruments.fault}
            onFault={instruments.setFault}
          />
        </PullSources>
      </aside>
    </>
  )
}
