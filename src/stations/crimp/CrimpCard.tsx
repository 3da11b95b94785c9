'use client'

import { crimpCardWords as words } from '@/words/screens/crimp/crimpCard'
import { useClock } from '@/ui/frame/Clock'
import { Button, Kbd } from '@mantine/core'
import { useMemo, useState } from 'react'
import { looks as lookTable } from '@/core/craft/crimp/looks'
import { isPractice } from '@/core/craft/crimp/practices'
import { type QueueGroup, type QueueItem } from '@/core/views/queue'
import type { Photo } from '@/core/record/state/records'
import { looksTicked } from '@/core/record/standing/looksTicked'
import { termState } from '@/core/record/state/state'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import { useChecks } from '@/ui/card/CheckList'
import { useKeptForm } from '@/ui/card/useKeptForm'
import { useJob } from '@/ui/job/JobProvider'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { useBeside } from '@/ui/later/useBeside'
import {
  EndRelease,
  FaultReport,
  LookPictures,
  MeasurePhoto,
  loadBeside,
  PhotoBox,
  SetSources,
  StrokeCard,
  StrokePanel,
  SuspectCard,
} from './laterCards'
import { looksSeenWords, setupWords } from '@/words/crimp'
import { practiceWords } from '@/words/practices'
import { CrimpReadouts } from './CrimpReadouts'
import { Looks } from './Looks'
import { newPiece, pieceForm, readHeight } from '@/core/work/crimp/pieceForm'
import { looksOf } from '@/core/record/standing/looksOf'
import { lookLines } from './lookLines'
import { dueOfStroke, isStrokeTicked, strokeOf } from './strokeOf'
import { SpecimenPanel } from './SpecimenPanel'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

const practiceNames = (practices: readonly string[]): string =>
  practices
    .map((id) => (isPractice(id) ? practiceWords[id].name : id))
    .join(', ')
    .toLowerCase()

/** Crimp, then look: accept after the last look, or report what is wrong and what becomes of it. */
export function CrimpCard({
  item,
  group,
  done,
}: {
  readonly item: QueueItem
  readonly group: QueueGroup
  readonly done: () => void
}) {
  const { state } = useJob()
  useBeside(loadBeside)
  // what was measured, and what the rules allowed to do, stays with the piece while its fault is reported
  const piece = [termState(state, item.termination.key), group.id, state.setups.get(group.id)?.mounted]
  const [form, move] = useKeptForm(pieceForm, newPiece, item.termination.key, piece)
  const { fault } = form
  const { measured } = readHeight(form.height, item.set)
  const [ending, setEnding] = useState(false)
  const [measuring, setMeasuring] = useState<Photo>()
  const wanted = looksOf(state, item.set)
  const stroke = useMemo(() => strokeOf(state, item), [state, item])
  const lines = lookLines(
    wanted.filter((look) => !stroke?.answers.includes(look)),
    state.facts.contacts[item.set.contact],
  )
  // ticks stand while a fault is thought about; a piece that was put right is looked at from the first look
  const checks = useChecks(item.termination.key, [...(stroke?.checks ?? []), ...lines], piece)
  const due = wanted.find((look) => look === checks.due?.id)
  const toCrimp = item.stage === 'stripped'
  useKeys(
    toCrimp && !ending && !fault ? [{ key: 'n', words: words.somethingHasChangedNew, run: () => setEnding(true) }] : [],
  )
  const showsLooks = toCrimp && !fault && !ending
  // what hands do comes first: the looks are for what is crimped
  const toClose = showsLooks && stroke?.checks.some(({ id }) => !checks.ticked.has(id)) ? stroke : undefined
  const ticking = looksTicked(state, group.id)
  // a line that answers a look is ticked by itself where looks are
  const strokeAtOnce = ticking.kind === 'together' || stroke?.answers.length === 0
  if (measuring)
    return (
      <MeasurePhoto
        item={item}
        photo={measuring}
        close={(look) => {
          setMeasuring(undefined)
          if (look && !checks.ticked.has(look)) checks.toggle(look)
        }}
        outside={(question, side) => {
          setMeasuring(undefined)
          const defect = question[side]
          move({ kind: 'fault-seen', look: question.look, ...(defect && { defect }) })
        }}
      />
    )
  return (
    <>
      <div className={paneCss.work}>
        <CrimpReadouts item={item} />
        {toClose?.piece ? (
          <StrokePanel
            piece={toClose.piece}
            lines={toClose.lines}
            figures={toClose.figures}
            due={dueOfStroke(toClose, checks.ticked, strokeAtOnce)}
            ticked={(line) => isStrokeTicked(checks.ticked, line)}
            holder={toClose.holder}
            tool={toClose.tool}
          />
        ) : (
          <SpecimenPanel
            item={item}
            crimped={!fault || lookTable[fault.look].when === 'after'}
            defect={fault?.defect}
            heightMm={fault ? undefined : measured?.heightMm}
          />
        )}
        {showsLooks && !toClose && due && (
          <LookPictures
            item={item}
            looks={ticking.kind === 'together' ? lines.map(({ id }) => id as LookCode) : [due]}
          />
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisTermination}>
        <WireChips wire={item.termination.wire} side={item.termination.side} />
        {item.stage === 'to-strip' ? (
          <>
            <h2 className={textCss.cardTitle}>{words.notStrippedYet}</h2>
            <p>{words.prepareItAtPrep(item.set.strip.minMm, item.set.strip.maxMm)}</p>
          </>
        ) : ending ? (
          <EndRelease setup={group.id} close={() => setEnding(false)} />
        ) : fault ? (
          <FaultReport
            item={item}
            fault={fault}
            measured={measured}
            move={move}
            done={done}
            save={(practice) => {
              checks.clear()
              move({ kind: 'saved', practice })
            }}
          />
        ) : item.stage === 'crimped' ? (
          <Crimped
            item={item}
            done={done}
            measure={setMeasuring}
            report={() =>
              move({
                kind: 'fault-seen',
                look: wanted.find((look) => lookTable[look].when === 'after') ?? 'straight-round',
              })
            }
          />
        ) : toClose ? (
          <StrokeCard item={item} stroke={toClose} wanted={wanted} checks={checks} atOnce={strokeAtOnce} move={move} />
        ) : (
          <Looks
            item={item}
            group={group}
            wanted={wanted}
            lines={lines}
            checks={checks}
            stroke={stroke}
            ticking={ticking}
            form={form}
            move={move}
            done={done}
            changed={() => setEnding(true)}
            measure={setMeasuring}
          />
        )}
      </aside>
    </>
  )
}

function Crimped({
  item,
  done,
  report,
  measure,
}: {
  readonly item: QueueItem
  readonly done: () => void
  readonly report: () => void
  readonly measure: (photo: Photo) => void
}) {
  const clock = useClock()
  const { state } = useJob()
  const { key } = item.termination
  const now = termState(state, key)
  useKeys(now.seat || now.suspect ? [] : [{ key: 'x', words: words.reportFault, run: report }])
  if (now.suspect) return <SuspectCard item={item} suspect={now.suspect} report={report} done={done} />
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.good)}>{words.crimpedAndAccepted}</h2>
      {now.crimp && (
        <p>
          {words.inWord(clock.dayTime(now.crimp.at), setupWords(item.set.setup))}
          {now.crimp.heightMm !== undefined && words.heightMm(now.crimp.heightMm)}
          {now.crimp.practices && `; ${practiceNames(now.crimp.practices)}`}
          {words.looksSeen(looksSeenWords(now.crimp))}.
        </p>
      )}
      {now.seat ? (
        <p className={textCss.dim}>{words.seatedInTakeIt(now.seat.end, now.seat.cavity)}</p>
      ) : (
        <Button onClick={report}>
          <span>{words.foundFaultAfterAll}</span> <Kbd aria-hidden="true">X</Kbd>
        </Button>
      )}
      <PhotoBox about={{ term: key }} piece={`crimp ${key}`} measure={measure} />
      <SetSources item={item} />
    </>
  )
}
