'use client'
import { specimenBody } from '@/core/craft/specimen/specimenBody'
import clsx from 'clsx'
import { memo, type ReactNode, useMemo } from 'react'
import { constructionOf } from '@/core/parts/catalogue/constructions'
import { tenth } from '@/core/base/units/tenth'
import { practicesAt } from '@/core/craft/crimp/practices'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { setupId } from '@/core/craft/setup/setup'
import { sightingDefect } from '@/core/craft/strip/sightingDefect'
import { beginStrip, mendOf, readStripForm, type StripForm, stripForm } from '@/core/craft/strip/stripForm'
import type { TrialAnswer } from '@/core/craft/strip/trialAnswer'
import { termLabel, wireKey } from '@/core/record/plan/keys'
import type { Termination } from '@/core/record/plan/plan'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { crimpClass } from '@/core/craft/setup/crimpPair'
import { pairOf } from '@/core/record/standing/pairOf'
import { aheadOfRelease } from '@/core/record/standing/prepAhead'
import { sealPlace } from '@/core/craft/strip/sealPlace'
import { cutLengthMm, slackOf } from '@/core/record/standing/slack'
import { threadFirst } from '@/core/record/standing/threadFirst'
import { measuredStripMm, termState } from '@/core/record/state/state'
import { type Seen, stripTrial } from '@/core/work/prep/stripTrial'
import { useChecks } from '@/ui/card/CheckList'
import { PieceCard } from '@/ui/card/PieceCard'
import { useKeptForm } from '@/ui/card/useKeptForm'
import type { Said } from '@/ui/job/journalClient'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { specimenOf } from '@/ui/job/specimenOf'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { later } from '@/ui/later/later'
import { useBeside } from '@/ui/later/useBeside'
import paneCss from '@/ui/pane/pane.module.css'
import { SpecimenDrawing } from '@/ui/specimen/SpecimenDrawing'
import textCss from '@/ui/text/text.module.css'
import { prepWords as words } from '@/words/screens/prep/prepItem'
import styles from './PrepItem.module.css'
import { preparedEntries, strippedEntry } from './preparedEntries'
import { useAlike } from './useAlike'
import { StripCard } from './StripCard'
import { StripFacts } from './StripFacts'
import { handWork, stripLines } from './stripLines'
import { StrippedCard } from './StrippedCard'
import { StripScale } from './StripScale'
import { StripSources } from './StripSources'
import { useStopSteps } from './useStopSteps'

const loadBeside = () => import('./besideCards')
const TrialPane = later(loadBeside, (cards) => cards.TrialPane)
const SlackLedger = later(loadBeside, (cards) => cards.SlackLedger)
/** Where the slack does not say what a try costs: the strip, and this for the cut, mm. */
const CUT_MM = 2

type State = ReturnType<typeof useJob>['state']

/** What the house rules leave open at this strip; the fold is a line of its own. */
function openPractices(state: State, set: ChosenSet) {
  const contact = state.facts.contacts[set.contact]
  if (!contact) return []
  return practicesAt('prep', contact.construction, rulesOf(state)).open.filter(
    ({ id }) =>
      id !== 'fold-back' && (id !== 'lubricant' || set.seal !== undefined || constructionOf(contact).passesMat),
  )
}

/** How the stripper stands for a setup: its stop, its notch, and whether either was moved. */
function stripperOf(state: State, set: ChosenSet) {
  const adjusted = state.adjustments.get(setupId(set.setup))
  return {
    stopMm: tenth(set.strip.nominalMm + (adjusted?.stripOffMm ?? 0)),
    notchMm: adjusted?.notchMm ?? set.setup.notchMm,
  }
}

const seenOf = ({ seen, wrong, seenText, unit }: StripForm, stripMm: number | undefined): Seen => ({
  stripMm,
  sees: seen,
  wrong,
  text: seenText,
  textUnit: unit,
})

/** One termination before its contact: cut, thread, strip, look; and what to do when the strip is not right. */
export const PrepItem = memo(function PrepItem({
  termination,
  set,
  done,
}: {
  readonly termination: Termination
  readonly set: ChosenSet
  readonly done: () => void
}) {
  const { state, append } = useJob()
  const busy = useBusy()
  useBeside(loadBeside)
  const { wire, side, key, unit } = termination
  const now = termState(state, key)
  const contact = state.facts.contacts[set.contact]
  const id = setupId(set.setup)
  const rules = rulesOf(state)
  const { stopMm, notchMm } = stripperOf(state, set)
  const cut = state.cuts.get(wireKey(unit, wire.id))
  const cutMm = cut?.lengthMm ?? cutLengthMm(state, wire)
  const begin = useMemo(() => beginStrip(set), [set])
  const [form, dispatch] = useKeptForm(stripForm, begin, key, [cut, now])
  const reading = readStripForm(form, set.strip, rules.strandAllowance)
  const thread = threadFirst(state, termination, set)
  const { ahead, allowed } = aheadOfRelease(state, id, crimpClass(pairOf(state.facts, termination, set)))
  const held = allowed !== undefined && ahead >= allowed && !now.stripped
  const tryMm = slackOf(state, unit, wire, side)?.tryMm ?? Math.ceil(set.strip.nominalMm + CUT_MM)

  // what cost strands, tries or a practice is a piece of its own
  const isPlain = reading.lost === 0 && form.practices.length === 0 && form.usedMm === 0
  const { together, choice, forget } = useAlike(termination, set, isPlain)
  const lines = stripLines({
    wire,
    cutMm,
    isCut: cut !== undefined,
    thread,
    set,
    allowance: rules.strandAllowance,
    several: together.length > 1,
    wires: new Set(together.map((one) => wireKey(one.unit, one.wire.id))).size,
    sealAt: contact && sealPlace(contact),
  })
  const checks = useChecks(key, lines, [cut, now])

  const write = async () => {
    if (reading.lost === undefined) return
    const first: Said[] = cut ? [] : [{ kind: 'wire-cut', unit, wire: wire.id, lengthMm: cutMm }]
    const stripped = strippedEntry(key, thread, form, { ...reading, lost: reading.lost }, stopMm, together.length)
    const others = together.slice(1).flatMap((one) => preparedEntries(state, one, thread, stopMm, together))
    if (!(await append(...first, stripped, ...others))) return
    dispatch({ kind: 'recorded' })
    forget()
    done()
  }
  const mend = (how: NonNullable<ReturnType<typeof mendOf>>, byMm: number, why?: string) =>
    void append({ kind: 'strip-mended', term: key, how, byMm, ...(why !== undefined && { why }) }).then(
      (written) => written && how === 'cut-back' && done(),
    )
  const step = useStopSteps(stopMm, (toMm) =>
    append({
      kind: 'setup-adjusted',
      setup: id,
      part: 'strip-stop',
      toMm,
      nominalMm: set.strip.nominalMm,
      why: 'by-hand',
    }),
  )
  const follow = (answer: TrialAnswer) => {
    const how = mendOf(answer)
    if (how && now.stripped) {
      dispatch({ kind: 'trial-left' })
      mend(how, answer.byMm ?? answer.costMm, form.seen ?? 'seen')
    } else dispatch({ kind: 'advice-followed', answer })
  }
  const tryKey = { key: 'w', words: words.tryKey, run: () => dispatch({ kind: 'trial-begun' }) }
  const stopKeys = [
    { key: '[', words: words.shorter, run: () => step(-1) },
    { key: ']', words: words.longer, run: () => step(1) },
  ]
  useKeys(form.trying ? [] : [...(now.crimp ? [] : [tryKey]), ...(now.stripped ? [] : stopKeys)])
  const measuredMm = now.stripped ? measuredStripMm(now) : reading.stripMm
  const trial = stripTrial(state, termination, set, seenOf(form, measuredMm))
  // drawn as it was seen, else as it was measured, else as the stop stands
  const stripMm = trial.seenStripMm ?? measuredMm ?? now.stripped?.stripMm ?? stopMm
  const reported = form.seen !== undefined && form.seen !== 'fits'
  const defect = form.seen && sightingDefect[form.seen]
  const piece = useMemo(
    () => specimenOf(state.facts, wire, set, { crimped: false, stripMm, defect }),
    [state.facts, wire, set, stripMm, defect],
  )
  return (
    <>
      <div className={paneCss.work}>
        <StripFacts termination={termination} set={set} cutMm={cutMm} isCut={cut !== undefined} notchMm={notchMm} />
        <HeldBeside name={contact?.name ?? set.contact} reported={reported} piece={piece}>
          <StripScale
            window={set.strip}
            stripMm={measuredMm}
            stopMm={stopMm}
            moved={stopMm !== tenth(set.strip.nominalMm)}
          />
        </HeldBeside>
      </div>
      <PieceCard item={key} label={words.thisTermination}>
        <WireChips wire={wire} side={side} />
        {form.trying ? (
          <TrialPane
            key={key}
            setup={id}
            nominalMm={set.strip.nominalMm}
            trial={trial}
            form={form}
            dispatch={dispatch}
            onDo={follow}
          />
        ) : now.stripped ? (
          <StrippedCard
            stripped={now.stripped}
            crimped={now.crimp !== undefined}
            busy={busy}
            tryMm={tryMm}
            look={() => dispatch({ kind: 'trial-begun' })}
            cutBack={() => mend('cut-back', tryMm)}
          />
        ) : (
          <StripCard
            form={form}
            dispatch={dispatch}
            reading={reading}
            stopMm={stopMm}
            rules={rules}
            practices={openPractices(state, set)}
            first={thread.some(({ code }) => code !== 'label') ? 'thread' : thread.length > 0 ? 'label' : 'nothing'}
            ahead={held ? ahead : undefined}
            lines={lines}
            checks={checks}
            busy={busy}
            write={() => void write()}
            names={together.map((one) => termLabel(one.key))}
            set={choice}
            atOnce={allowed === undefined ? handWork(lines) : undefined}
          />
        )}
        <SlackLedger termination={termination} />
        <StripSources wire={wire} set={set} />
      </PieceCard>
    </>
  )
})

/** The contact held beside the stripped wire, as it should look or as it was reported. */
function HeldBeside({
  name,
  reported,
  piece,
  children,
}: {
  readonly name: string
  readonly reported: boolean
  readonly piece: ReturnType<typeof specimenOf>
  readonly children: ReactNode
}) {
  return (
    <section
      className={clsx(paneCss.panel, paneCss.panelFill)}
      aria-label={reported ? words.asReported : words.howItShouldLook}
    >
      <div className={paneCss.panelHead}>
        <span>{words.heldBeside(name)}</span>
        <span className={paneCss.caption}>
          {reported && <span className={textCss.fault}>{words.reportedMark}</span>}{' '}
          {piece && specimenBody(piece.made.contact).toScale ? words.toScale : words.notToScale}
        </span>
      </div>
      <div className={clsx(paneCss.panelBody, styles.drawing)}>{piece && <SpecimenDrawing piece={piece} />}</div>
      {children}
    </section>
  )
}
