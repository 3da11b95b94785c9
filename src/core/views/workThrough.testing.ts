import { foldEntry } from '../record/journal/fold'
import { type Folded, newFold } from '../record/journal/folded'
import type { Entry, NewEntry } from '../record/journal/entry'
import { type JobState, endState } from '../record/state/state'
import { looksOf } from '../record/standing/looksOf'
import { samplesDue } from '../record/standing/samplesDue'
import { isSpent, isSpentOnceOut, reuseOf } from '../record/standing/reuse'
import { lightTugN } from '../record/standing/tug'
import { tighteningAt } from '../record/standing/tightening'
import { setupQueue } from './queue'
import { aheadOfRelease } from '../record/standing/prepAhead'
import { cutLengthMm } from '../record/standing/slack'
import { type NextStep, nextStep } from './steps'
import { openedTo } from '../craft/release/openSteps'
import { lockOfHousing } from '../parts/catalogue/secondaryLocks'
import { housingAt } from '../record/standing/benchEnds'
import { threadFirst } from '../record/standing/threadFirst'
import { analysedEntry } from './analysedEntry.testing'
import { planIndex } from '../record/plan/plan'
import type { ChosenSet } from '../craft/setup/chosenSet'
import { netVerdicts } from '../work/prove/netVerdict'
import { refusalOf } from '../work/left/refusalOf'
import { endKey, setKey, wireKey } from '../record/plan/keys'

/**
 * A hand that does what the job asks next, and does it well. For tests, the demo's half-done job, and benchmarks.
 * @returns the entries for a step; none when a step needs a person's decision
 */
export function entriesFor(state: JobState, step: NextStep, newId: () => string): NewEntry[] {
  const { byKey } = planIndex(state.plan)
  const looks = (set: ChosenSet) => looksOf(state, set).map((look) => ({ look, seen: true }))
  const height = (set: ChosenSet) => (set.height ? { heightMm: round((set.height.minMm + set.height.maxMm) / 2) } : {})
  const setOf = (term: string) => {
    const termination = byKey.get(term)
    const set = termination && state.sets.get(setKey(termination.wire.id, termination.side))
    if (!termination || !set) throw new Error(`no set for ${term}`)
    return { termination, set }
  }
  switch (step.kind) {
    case 'strip': {
      const { termination, set } = setOf(step.term)
      const { unit, wire } = termination
      const cut: NewEntry[] = state.cuts.has(wireKey(unit, wire.id))
        ? []
        : [{ id: newId(), kind: 'wire-cut', unit, wire: wire.id, lengthMm: cutLengthMm(state, wire) }]
      const threaded = threadFirst(state, termination, set).map((item) => item.code)
      return [
        ...cut,
        {
          id: newId(),
          kind: 'stripped',
          term: step.term,
          stripMm: round(set.strip.nominalMm),
          threaded,
          strandsLost: 0,
        },
      ]
    }
    case 'mount': {
      const group = setupQueue(state).find((one) => one.id === step.setup)
      return group
        ? [
            {
              id: newId(),
              kind: 'setup-mounted',
              setup: group.setup,
              checked: step.changes.map((change) => change.field),
            },
          ]
        : []
    }
    case 'first-piece': {
      const item = setupQueue(state)
        .find((one) => one.id === step.setup)
        ?.items.find(({ termination }) => termination.key === step.term)
      if (!item) return []
      const { wire, side } = item.termination
      return [
        {
          id: newId(),
          kind: 'first-piece',
          setup: step.setup,
          wire: wire.id,
          side,
          looks: looks(item.set),
          ...height(item.set),
          pullN: Math.ceil((item.set.pull?.forceN ?? 50) * 1.7),
        },
      ]
    }
    case 'verify-tool':
      return [{ id: newId(), kind: 'tool-verified', tool: step.tool, goEnters: true, noGoStops: true }]
    case 'pull-sample': {
      const item = setupQueue(state)
        .find((one) => one.id === step.setup)
        ?.items.find((one) => one.stage === 'stripped')
      return item
        ? [
            {
              id: newId(),
              kind: 'pull-sampled',
              setup: step.setup,
              wire: item.termination.wire.id,
              side: item.termination.side,
              pullN: Math.ceil((item.set.pull?.forceN ?? 50) * 1.7),
            },
          ]
        : []
    }
    case 'look-again':
      return [{ id: newId(), kind: 'suspect-cleared', term: step.term, how: 'pulled-by-hand' }]
    case 'release':
      return [{ id: newId(), kind: 'setup-released', setup: step.setup }]
    case 'crimp': {
      const { set } = setOf(step.term)
      const group = setupQueue(state).find((one) => one.items.some((item) => item.termination.key === step.term))
      return [
        {
          id: newId(),
          kind: 'crimped',
          term: step.term,
          setup: group?.id ?? '',
          looks: looks(set),
          ...(samplesDue(state, group?.id ?? '').height ? height(set) : {}),
        },
      ]
    }
    case 'seat':
      return [...openLock(state, step, newId), { id: newId(), ...seatEntry(state, step) }]
    case 'probe':
      return [{ id: newId(), kind: 'net-probed', unit: step.unit, wire: step.wire, result: 'pass' }]
    case 'measure': {
      const net = netVerdicts(state, step.unit).find((one) => one.wire.id === step.wire)
      const leads: NewEntry = { id: newId(), kind: 'leads-measured', ohm: 0, resolutionOhm: 0.0001, fourWire: true }
      const ohm = net?.resistance?.expectedOhm ?? 0.05
      return [
        ...(state.leads ? [] : [leads]),
        { id: newId(), kind: 'net-measured', unit: step.unit, wire: step.wire, ohm },
      ]
    }
    case 'probe-apart': {
      const { unit, red, black } = step.task
      return [{ id: newId(), kind: 'apart-probed', unit, red, black, result: 'pass' }]
    }
    case 'probe-through': {
      const { unit, a, b, red, black } = step.task
      return [{ id: newId(), kind: 'through-probed', unit, a, b, red, black, result: 'pass' }]
    }
    case 'hold': {
      const { termination, test, askedN } = step.task
      return [
        {
          id: newId(),
          kind: 'contact-held',
          term: termination.key,
          test,
          held: true,
          ...(askedN !== undefined && { askedN, forceN: askedN }),
        },
      ]
    }
    case 'analyse':
      return [{ id: newId(), ...analysedEntry(state, step.task.unit) }]
    case 'move': {
      const { unit, askedS } = step.task
      const wires = state.plan.wires.map(({ id }) => id)
      const readBy = 'URN BENCH,TARN-A,stand-in,1.0'
      return [{ id: newId(), kind: 'harness-moved', unit, seconds: askedS, rateHz: 1000, wires, events: [], readBy }]
    }
    case 'renew-lacing':
      return [{ id: newId(), kind: 'lacing-moved', unit: step.unit, wire: step.wire, to: 'renewed' }]
    case 'close-task': {
      const { task } = step
      if (task.kind === 'rest') return [{ id: newId(), kind: 'torque-rested', tool: task.tool, set: 1, blockAfter: 1 }]
      if (task.kind === 'shell') {
        const { unit, end } = task
        const due = task.lines.find(({ found }) => !found)
        const { what = 'backshell', asked = 1 } = due ?? {}
        return [
          { id: newId(), kind: 'shell-secured', unit, end, what, tool: 'TD-5', asked, set: asked, blockBefore: asked },
        ]
      }
      const { unit, board, lines } = task
      const segment = board.segment.id
      const next = lines.find(({ found }) => !found)
      return next
        ? [{ id: newId(), kind: 'bundle-made', unit, segment, what: next.what, atMm: next.atMm, result: 'done' }]
        : [{ id: newId(), kind: 'length-found', unit, segment, lengthMm: board.segment.lengthMm }]
    }
    case 'count-tray':
      return [
        {
          id: newId(),
          kind: 'tray-counted',
          tools: [...state.tools.keys()].map((tool) => ({ tool, back: true })),
          scrapped: scrapped(state),
          scrapFound: scrapped(state),
        },
      ]
    case 'sign':
      return [{ id: newId(), kind: 'signed', role: 'builder', covers: state.seq }]
    default:
      return []
  }
}

const scrapped = (state: JobState) => [...state.terms.values()].reduce((sum, term) => sum + term.scrapped, 0)
const round = (value: number) => Math.round(value * 100) / 100

/** Contacts go in and out only while the lock stands open. */
function openLock(state: JobState, { task }: Extract<NextStep, { kind: 'seat' }>, newId: () => string): NewEntry[] {
  const { unit, end, kind } = task
  const closed = endState(state, endKey(unit, end)).lock === 'closed'
  return closed && (kind === 'insert' || kind === 'put-right')
    ? [{ id: newId(), kind: 'lock-moved', unit, end, to: 'open' }]
    : []
}

type Bare<E> = E extends unknown ? Omit<E, 'id'> : never

function seatEntry(state: JobState, { task }: Extract<NextStep, { kind: 'seat' }>): Bare<NewEntry> {
  const { unit, end } = task
  switch (task.kind) {
    case 'insert': {
      const reuse = reuseOf(state, task.term)
      if (reuse && isSpent(reuse))
        return {
          kind: 'seat-faulted',
          term: task.term,
          end,
          cavity: task.cavity,
          fault: 'will-not-go-in',
          cause: 'used-up',
        }
      const tugN = lightTugN(state, end, task.cavity)
      const tightening = tighteningAt(state, task.term, end, task.cavity)
      return {
        kind: 'seated',
        term: task.term,
        end,
        cavity: task.cavity,
        checked: ['straight', 'click', 'tug'],
        tug: 'by-hand',
        ...(tugN !== undefined && { tugAskedN: tugN }),
        ...(tightening && {
          tightened:
            tightening.torqueNm === undefined
              ? {}
              : { askedNm: tightening.torqueNm, setNm: tightening.torqueNm, tool: 'TD-5' },
        }),
      }
    }
    case 'put-right': {
      const reuse = reuseOf(state, task.term)
      const spent = reuse !== undefined && isSpentOnceOut(reuse) && task.why !== 'not-in-plan'
      return { kind: 'extracted', term: task.term, why: spent ? 'damaged' : task.why }
    }
    case 'unplug':
      return { kind: 'unplugged', unit, end, cavity: task.cavity }
    case 'plug':
      return { kind: 'plugged', unit, end, cavity: task.cavity, part: task.part }
    case 'lock':
      return { kind: 'lock-moved', unit, end, to: 'closed' }
    case 'fit-part':
      return { kind: 'part-fitted', unit, end, part: task.part }
    case 'open-end': {
      const housing = housingAt(state, unit, end)
      const family = housing && state.facts.families[housing.family]
      const to = family ? openedTo(lockOfHousing(family, housing)) : 'open'
      return { kind: 'lock-moved', unit, end, to }
    }
    case 'open-lacing':
      return { kind: 'lacing-moved', unit, wire: task.wire, to: 'open' }
    case 'mate':
      return { kind: 'pair-mated', unit, a: end, b: task.with, checked: ['keys', 'colours'] }
    case 'look-over':
      return { kind: 'end-looked-over', unit, end, pushedBack: [] }
  }
}

export interface WorkOptions {
  /** what the hand takes for next; the job's own next step when left out */
  readonly stepOf?: (state: JobState) => NextStep
  readonly newId: () => string
  /** time and person of each entry */
  readonly stamp: (seq: number, entry: NewEntry) => { readonly at: string; readonly by: string }
  /** leave off when this says so */
  readonly until?: (state: JobState, step: NextStep) => boolean
  /** figures as they come in real work, instead of the middle of each window */
  readonly real?: (entry: NewEntry, state: JobState) => NewEntry
  /** go on with this job */
  readonly from?: Folded
}

/** Goes on with a job, step by step, until it is closed or nothing is left to do alone. */
export function workThrough(
  start: readonly NewEntry[],
  options: WorkOptions,
): { readonly folded: Folded; readonly entries: readonly Entry[] } {
  const folded = options.from ?? newFold()
  const entries: Entry[] = []
  const append = (wanted: NewEntry) => {
    const seq = folded.state.seq + 1
    const stamp = options.stamp(seq, wanted)
    const entry = { ...wanted, seq, ...stamp } as Entry
    const refusal = refusalOf(folded, entry, stamp)
    if (refusal) throw new Error(`${wanted.kind}: ${JSON.stringify(refusal)}`)
    foldEntry(folded, entry)
    entries.push(entry)
  }
  start.forEach(append)
  for (;;) {
    const step = (options.stepOf ?? nextStep)(folded.state)
    if (step.kind === 'closed' || options.until?.(folded.state, step)) break
    const more = entriesFor(folded.state, step, options.newId)
    if (more.length === 0) break
    for (const entry of more) append(options.real?.(entry, folded.state) ?? entry)
  }
  return { folded, entries }
}

/** For `stepOf`: a hand that strips the first of each contact of a setup before it is mounted, as it may. */
export function stripsAhead(state: JobState): NextStep {
  const step = nextStep(state)
  if (step.kind !== 'mount') return step
  const first = setupQueue(state)
    .find(({ id }) => id === step.setup)
    ?.items.find(({ stage, crimpClass }) => {
      const { ahead, allowed = Infinity } = aheadOfRelease(state, step.setup, crimpClass)
      return stage === 'to-strip' && ahead < allowed
    })
  return first ? { station: 'prep', kind: 'strip', term: first.termination.key, left: 1 } : step
}
