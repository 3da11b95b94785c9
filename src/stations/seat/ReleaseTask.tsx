'use client'

import { releaseTaskWords as words } from '@/words/screens/seat/releaseTask'
import { Button, Kbd } from '@mantine/core'
import { useState } from 'react'
import {
  type ImprovisedTool,
  type ReleaseMechanism,
  releaseMechanisms,
  releaseSteps,
} from '@/core/parts/catalogue/releaseMechanisms'
import { lockMotion } from '@/core/parts/catalogue/lockMotion'
import { lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { insulationMmOf } from '@/core/record/plan/facts'
import { planIndex } from '@/core/record/plan/plan'
import { endState, type JobState, termState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import type { HelpId } from '@/core/craft/release/helps'
import { coversBehind } from '@/core/work/rework/repairPlan'
import { isFirstOut } from '@/core/record/standing/isFirstOut'
import { releaseTool } from '@/core/parts/catalogue/releaseTool'
import { isSpentOnceOut, reuseOf } from '@/core/record/standing/reuse'
import { Caution } from '@/ui/caution/Caution'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import type { Said } from '@/ui/job/journalClient'
import { useJob } from '@/ui/job/JobProvider'
import { openGender, PinsOrSockets } from '@/ui/job/PinsOrSockets'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { ReleasePlayer } from '@/ui/release/ReleasePlayer'
import { releaseStepHints, releaseStepWords } from '@/words/release'
import { termName } from '@/words/steps'
import { DoesNotComeOut } from './DoesNotComeOut'
import { EndFace } from './EndFace'
import { Harms, ReuseNote, ToolNote } from './ReleaseNotes'
import { EndRepairCard } from './EndRepairCard'
import { Helps } from './Helps'
import { sayWhatCameOut } from './actions'
import { useWrite } from './useWrite'
import { endKey } from '@/core/record/plan/keys'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'

/** What is taken out, where it stands, and why. */
export interface ToRelease {
  readonly unit: number
  readonly end: string
  readonly cavity: string
  readonly term: string
  readonly why: Extract<Said, { kind: 'extracted' }>['why']
}

/** What is ticked as a contact comes out: what covers the wires first, where it is still on; then the steps of its mechanism. */
const releaseLines = (
  state: JobState,
  mechanism: ReleaseMechanism,
  at: { readonly unit: number; readonly end: string; readonly closed: boolean; readonly cutsOff: boolean },
): readonly CheckLine[] => [
  ...(isFirstOut(state, at.unit, at.end) ? coversBehind(state, at.end) : []).map((part) => ({
    id: `shell ${part}`,
    words: words.shellBack(part),
    seen: words.isBack,
  })),
  ...releaseSteps(mechanism, at.closed, at.cutsOff).map((step) => ({
    id: step,
    words: releaseStepWords[step],
    hint: releaseStepHints[step],
    seen: words.done,
  })),
]

/** A contact comes out the way its family lets go: the tool, the steps with the moving side view, what can break. */
export function ReleaseTask({
  out,
  title,
  park = false,
  asPlanned = false,
  housing,
  family,
  back,
  done,
}: {
  readonly out: ToRelease
  readonly title: string
  /** its place is not free yet */ readonly park?: boolean
  /** nobody erred: it is wanted elsewhere */ readonly asPlanned?: boolean
  readonly housing: Housing
  readonly family: FamilyFacts
  readonly back?: (() => void) | undefined
  readonly done: () => void
}) {
  const { state } = useJob()
  const { busy, write } = useWrite(done)
  const [improvised, setImprovised] = useState<ImprovisedTool>()
  const [helped, setHelped] = useState<readonly HelpId[]>([])
  const [asks, setAsks] = useState<'stuck' | 'broken'>()
  const lock = lockOfHousing(family, housing)
  const { unit, end, cavity, term, why } = out
  const mechanism = releaseMechanisms[family.release]
  const closed = endState(state, endKey(unit, end)).lock === 'closed'
  const termination = planIndex(state.plan).byKey.get(term)
  const wire = termination?.wire
  // on a harness that is here nobody knows before it is seen
  const askedEnd =
    termination && state.plan.kind !== 'build' ? openGender(state, termination.wire.id, termination.side) : undefined
  const size = housing.cavities.find((one) => one.id === cavity)?.size ?? ''
  const tool = releaseTool(
    family,
    size,
    wire && insulationMmOf(state.facts, wire),
    Object.values(state.facts.tools),
    rulesOf(state),
  )
  const reuse = reuseOf(state, term)
  // once out it would go in again more often than it may
  const spent = why !== 'damaged' && reuse !== undefined && isSpentOnceOut(reuse) && why !== 'not-in-plan'
  const cutsOff = spent || why === 'damaged'
  const lines = releaseLines(state, mechanism, { unit, end, closed, cutsOff })
  const checks = useChecks(`${term} out`, lines, termState(state, term))
  const takeOut = (damaged: boolean) =>
    write(...(closed ? [{ kind: 'lock-moved' as const, unit, end, to: 'open' as const }] : []), {
      kind: 'extracted',
      term,
      why: damaged ? 'damaged' : why,
      ...(tool.kind === 'held' && { tool: tool.tool.id }),
      ...(improvised && { improvised }),
      ...(helped.length > 0 && { helps: [...helped] }),
    })
  useKeys(
    asks
      ? []
      : [
          { key: 'd', words: words.itCameOutDamaged, run: () => !busy && takeOut(true) },
          ...(mechanism.stuck.length > 0
            ? [{ key: 'x', words: words.doesNotComeOut, run: () => setAsks('stuck') }]
            : []),
          ...(back ? [{ key: 'Escape', words: words.leaveItIn, run: back }] : []),
        ],
  )
  return (
    <>
      <EndFace
        unit={unit}
        end={end}
        housing={housing}
        handsAt={mechanism.from === 'mating' ? 'mating' : 'wire'}
        cavityId={cavity}
        label={mechanism.tightens ? words.outOf[mechanism.tightens] : words.outOfCavity}
        otherwise={title}
        term={term}
      >
        {mechanism.id !== 'none' && (
          <ReleasePlayer
            mechanism={mechanism}
            step={
              releaseSteps(mechanism, true).find((step) => step === checks.due?.id) ??
              // what covers the wires is due: the contact waits where it stands
              (checks.due && releaseSteps(mechanism, closed)[0])
            }
            colour={wire?.colour ?? ''}
            lockFrom={lockMotion(lock).from}
          />
        )}
      </EndFace>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisTask}>
        {asks === 'stuck' ? (
          <DoesNotComeOut
            mechanism={mechanism}
            hasLock={lock.present}
            item={term}
            back={() => setAsks(undefined)}
            broken={() => setAsks('broken')}
          />
        ) : asks === 'broken' ? (
          <EndRepairCard unit={unit} end={end} lock={lock} back={() => setAsks(undefined)} done={done} />
        ) : (
          <>
            {state.plan.kind !== 'build' && <Caution id="open-connector" />}
            {termination && <WireChips wire={termination.wire} side={termination.side} />}
            <h2 className={clsx(textCss.cardTitle, asPlanned || back ? undefined : textCss.fault)}>{title}</h2>
            {park && (
              <p className={clsx(noteCss.note, noteCss.attend)}>
                {words.itsPlaceIsNot} <b className={textCss.mono}>{termName(term, state.plan.quantity)}</b>.
              </p>
            )}
            <ToolNote tool={tool} improvised={improvised} choose={setImprovised} />
            <CheckList
              lines={lines}
              checks={checks}
              main={cutsOff ? words.itIsOutCut : words.itIsOut}
              busy={busy}
              onMain={() => takeOut(cutsOff)}
            />
            {/* below the steps: what to do next is never pushed off the screen by it */}
            {askedEnd !== undefined && <PinsOrSockets end={askedEnd} giveGender={sayWhatCameOut} cameOut />}
            {reuse && why !== 'damaged' && <ReuseNote reuse={reuse} spent={spent} />}
            {!cutsOff && (
              <Button disabled={busy} onClick={() => takeOut(true)}>
                <span>{words.itCameOutDamaged}</span> <Kbd aria-hidden="true">D</Kbd>
              </Button>
            )}
            {mechanism.stuck.length > 0 && (
              <Button onClick={() => setAsks('stuck')}>
                <span>{words.doesNotComeOut}</span> <Kbd aria-hidden="true">X</Kbd>
              </Button>
            )}
            <Helps at="release" used={helped} choose={setHelped} />
            {back && (
              <Button onClick={back}>
                <span>{words.leaveItIn}</span> <Kbd aria-hidden="true">Esc</Kbd>
              </Button>
            )}
            <Harms harms={mechanism.harms} />
          </>
        )}
      </aside>
    </>
  )
}
