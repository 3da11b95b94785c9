'use client'
import { Button, Kbd, NativeSelect } from '@mantine/core'
import { Choice } from '@/ui/choice/Choice'
import { type CauseCode, type DefectCode, looks as lookTable } from '@/core/craft/crimp/looks'
import type { QueueItem } from '@/core/views/queue'
import type { Said } from '@/ui/job/journalClient'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import { defectWords, lookWords } from '@/words/crimp'
import { faultCardWords as words } from '@/words/screens/crimp/faultCard'
import { BITE_MM, faultOutcome } from '@/core/work/crimp/faultOutcome'
import { FaultDecision } from './FaultDecision'
import type { MeasuredHeight, PieceMove, Reported } from '@/core/work/crimp/pieceForm'
import { looksOf } from '@/core/record/standing/looksOf'
import { scrapLoss } from '@/core/work/crimp/scrapLoss'
import { foundCause } from '@/core/work/crimp/foundCause'
import type { LookCode } from '@/core/parts/catalogue/lookCodes'
import type { PracticeId } from '@/core/parts/catalogue/practiceIds'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** What is wrong, why it most likely is, what becomes of the piece, and what is set otherwise for the next. */
export function FaultReport({
  item,
  fault,
  measured,
  move,
  done,
  save,
}: {
  readonly item: QueueItem
  readonly fault: Reported
  /** measured while it was looked at: it stands with the decision */
  readonly measured: MeasuredHeight | undefined
  readonly move: (move: PieceMove) => void
  readonly done: () => void
  readonly save: (practice: PracticeId) => void
}) {
  const { state, append, tell } = useJob()
  const busy = useBusy()
  const { key, unit, wire, side } = item.termination
  const wanted = looksOf(state, item.set).filter((look) => item.stage !== 'crimped' || lookTable[look].when === 'after')
  const choices: readonly DefectCode[] = lookTable[fault.look].faults
  // the cure is written with the decision: by itself it would end the release while the piece is still undecided
  const { defect, look, withCure } = fault
  const see = (at: LookCode, seen?: DefectCode) =>
    move({ kind: 'fault-seen', look: at, ...(seen !== undefined && { defect: seen }) })
  const drop = () => move({ kind: 'fault-dropped' })
  const outcome = defect && faultOutcome(state, item.termination, item.set, look, defect, measured?.heightMm)
  const finding = (cause: CauseCode) => defect && foundCause(state, item.termination, item.set, cause, defect, key)
  // the one that was chosen, else the likeliest that is a matter of how something is set
  const found = (
    fault.cause
      ? [fault.cause]
      : (outcome?.causes ?? []).filter((one) => one.evidence !== 'against').map((one) => one.cause)
  ).flatMap((cause) => finding(cause) ?? [])[0]
  const saves = outcome?.saves ?? []
  const scraps = outcome?.found.decision === 'scrap'
  const lost = scraps ? scrapLoss(state, key, item.set) : []
  const write = async () => {
    if (!outcome) return
    // never by one press too many: what goes is said first
    if (scraps && !fault.sure) {
      move({ kind: 'scrap-meant' })
      return
    }
    const { found: seen, usedMm } = outcome
    const rejected: Said = {
      kind: 'crimp-rejected',
      term: key,
      look,
      defect: seen.id,
      decision: seen.decision,
      usedMm,
      ...measured,
    }
    const gone: readonly Said[] = outcome.wireGoes
      ? [{ kind: 'wire-scrapped', unit, wire: wire.id, why: words.noSlackForAnother(side) }]
      : []
    const cures: readonly Said[] = found && withCure ? found.entries : []
    if (await append(rejected, ...gone, ...cures)) {
      drop()
      done()
      if (scraps) tell({ tone: 'attend', text: words.scrapped(lost, usedMm, outcome.slack?.triesLeft) })
    }
  }
  const mend = async () => {
    if (await append({ kind: 'strip-mended', term: key, how: 'strip-more', byMm: BITE_MM, why: defect ?? 'short' }))
      drop()
  }
  const at = wanted.indexOf(look)
  useKeys([
    { key: 'Escape', words: words.back, run: drop },
    { key: ' ', words: words.write, run: () => void (outcome && !busy && write()) },
    {
      key: 'x',
      words: words.nextLook,
      run: () => see(wanted[(at + 1) % wanted.length] ?? look),
    },
    ...(saves[0] ? [{ key: 's', words: words.saveIt, run: () => saves[0] && save(saves[0].id) }] : []),
    ...choices.map((choice, i) => ({
      key: String(i + 1),
      words: i === 0 ? words.name : '',
      run: () => see(look, choice),
    })),
  ])
  return (
    <>
      <h2 className={clsx(textCss.cardTitle, textCss.fault)}>{words.title}</h2>
      <NativeSelect label={words.foundAt} value={look} onChange={(event) => see(event.target.value as LookCode)}>
        {wanted.map((one) => (
          <option key={one} value={one}>
            {lookWords[one].line}
          </option>
        ))}
      </NativeSelect>
      <div className={paneCss.choices} role="group" aria-label={words.seen}>
        {choices.map((choice, i) => (
          <Choice key={choice} aria-pressed={choice === defect} onClick={() => see(look, choice)}>
            <Kbd aria-hidden="true">{i + 1}</Kbd>
            <span>{defectWords[choice]}</span>
            <span />
          </Choice>
        ))}
      </div>
      {outcome && (
        <FaultDecision
          outcome={outcome}
          set={item.set}
          busy={busy}
          found={found}
          withCure={withCure === true}
          lost={lost}
          sure={fault.sure === true}
          move={move}
          mend={() => void mend()}
          save={save}
          write={() => void write()}
        />
      )}
      <Button onClick={drop}>
        <span>{words.nothing}</span> <Kbd aria-hidden="true">Esc</Kbd>
      </Button>
    </>
  )
}
