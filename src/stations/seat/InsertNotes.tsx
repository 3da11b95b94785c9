import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import type { FamilyFacts, Housing } from '@/core/parts/catalogue/types'
import { likelyWrong } from '@/core/base/face/place'
import { insulationMmOf } from '@/core/record/plan/facts'
import { planIndex } from '@/core/record/plan/plan'
import { termState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { releaseTool } from '@/core/parts/catalogue/releaseTool'
import { reuseOf } from '@/core/record/standing/reuse'
import { lightTugN } from '@/core/record/standing/tug'
import { useJob } from '@/ui/job/JobProvider'
import { list } from '@/words/figures'
import { orderWords } from '@/words/seat'
import type { TaskOf } from './useWrite'
import { cavityKey } from '@/core/record/plan/keys'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** Passes of one hole after which a mat is looked at. */
const MAT_PASSES = 3

/** The tool that presses a contact in, where the mechanism wants one and the crib has it. */
export function InsertTool({
  task,
  housing,
  family,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  readonly family: FamilyFacts
}) {
  const { state } = useJob()
  const mechanism = releaseMechanisms[family.release]
  const wire = planIndex(state.plan).byKey.get(task.term)?.wire
  const cavity = housing.cavities.find((one) => one.id === task.cavity)
  const tool =
    mechanism.insertTool && cavity
      ? releaseTool(
          family,
          cavity.size,
          wire && insulationMmOf(state.facts, wire),
          Object.values(state.facts.tools),
          rulesOf(state),
        )
      : undefined
  return (
    tool?.kind === 'held' && (
      <p>
        {words.withWord} <b className={textCss.mono}>{tool.tool.id}</b>
        {tool.twoEnds && words.tipWithLedgeWhich}.
      </p>
    )
  )
}

/** What to heed at a cavity: neighbours that are easily hit, a mat that was passed often, uses that are left, the tug. */
export function InsertNotes({
  task,
  housing,
  family,
  spent,
}: {
  readonly task: TaskOf<'insert'>
  readonly housing: Housing
  readonly family: FamilyFacts
  readonly spent: boolean
}) {
  const { state } = useJob()
  const cavity = housing.cavities.find((one) => one.id === task.cavity)
  const near = cavity && likelyWrong(cavity, housing.cavities)
  const passes = state.cavities.get(cavityKey(task.unit, task.end, task.cavity))?.passes ?? 0
  const reuse = reuseOf(state, task.term)
  const tugN = lightTugN(state, task.end, task.cavity)
  const tugNow = releaseMechanisms[family.release].tugMeans === 'when-in'
  const lay = termState(state, task.term).layBefore
  return (
    <>
      {lay !== undefined && (
        <p className={clsx(noteCss.note, noteCss.attend)}>
          <b>{words.layBefore}</b> {lay}
        </p>
      )}
      {near && !spent && (
        <p className={clsx(noteCss.note, noteCss.attend, textCss.small)}>
          <b>{words.easyToMiss}</b> {list(near.neighbours)}
          {near.mirror !== undefined && words.andMirrorImage(near.mirror)}.
        </p>
      )}
      {passes >= MAT_PASSES && family.sealing.startsWith('mat') && (
        <p className={clsx(noteCss.note, noteCss.attend, textCss.small)}>{words.matWasPassedHere(passes)}</p>
      )}
      {reuse && reuse.used > 0 && !spent && (
        <p className={clsx(textCss.small, textCss.dim)}>{words.outOfCavityBefore(reuse.used, reuse.allowed)}</p>
      )}
      <div className={paneCss.sources}>
        {tugN !== undefined && (
          <span>
            {words.tug(
              tugNow ? words.ofCavitysRetentionHouse(rulesOf(state).tugShare * 100) : words.itMeansSomethingOnly,
            )}
          </span>
        )}
        {task.why && <span>{words.itsTurnCommaAnd(orderWords(task.why))}</span>}
        <span>
          {housing.source.document}
          {housing.source.revision !== undefined && `, rev ${housing.source.revision}`}.
        </span>
      </div>
    </>
  )
}
