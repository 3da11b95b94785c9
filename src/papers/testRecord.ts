import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { shortestSeenMs } from '@/core/craft/wiggle/eventFinder'
import { termLabel } from '@/core/record/plan/keys'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { isClosed } from '@/core/record/state/state'
import { units } from '@/core/record/state/wireBlocks'
import { type NetVerdict, netVerdicts } from '@/core/work/prove/netVerdict'
import { apartTasks, holdTasks, pairsSaved } from '@/core/work/prove/proofTasks'
import { throughTasks } from '@/core/work/prove/throughTasks'
import { workLeft } from '@/core/work/left/workLeft'
import { cautions } from '@/words/cautions'
import { type BenchClock, clockOf } from '@/words/clock'
import { newtons, ohms } from '@/words/figures'
import { movementWords } from '@/words/moving'
import { holdTestWords, pointName } from '@/words/proving'
import { testRecordWords as words } from '@/words/screens/papers/testRecord'
import { DIM, type NameOf, type PaperInput, cell, heading, namesOf, page, table } from './paper'

type State = PaperInput['state']

/** What was proved, by whom, with what; and on its first page the certificate: what it is, under which rules, who signed it. */
export function testRecord(input: PaperInput): TDocumentDefinitions {
  const { state, madeAt } = input
  const name = namesOf(input)
  const clock = clockOf(input.zone)
  return page(input, words.testRecord, [
    ...certificate(input, name, clock),
    { text: words.testRecord, fontSize: 16, bold: true, pageBreak: 'before' },
    { text: words.made(clock.stamp(madeAt), state.seq), color: DIM, margin: [0, 2, 0, 6] },
    ...units(state).flatMap((unit): Content[] => [
      ...(state.plan.quantity > 1 ? [{ text: words.unit(unit), fontSize: 13, bold: true } as Content] : []),
      heading(words.nets),
      nets(netVerdicts(state, unit), name, clock),
      ...apart(state, unit, name, clock),
      ...through(state, unit, name, clock),
      ...held(state, unit, name, clock),
      ...moved(state, unit, name, clock),
    ]),
  ])
}

function certificate({ state, code }: PaperInput, name: NameOf, clock: BenchClock): Content[] {
  const rules = rulesOf(state)
  const signed = isClosed(state)
  const left = workLeft(state)
  return [
    { text: words.certificate, fontSize: 16, bold: true, margin: [0, 12, 0, 6] },
    {
      text: signed ? words.isSigned : words.notSigned(left),
      bold: true,
      ...(!signed && { color: '#8e2430' }),
      margin: [0, 0, 0, 8],
    },
    table(['auto', '*'], words.whatItIs, [
      [cell(words.harness), cell(`${state.plan.title}, rev ${state.plan.rev}`)],
      [cell(words.quantity), cell(state.plan.quantity)],
      [cell(words.houseRules), cell(`${rules.name}: ${rules.about}`)],
      [cell(words.asked), cell(words.askedOf(rules))],
      ...state.signatures.map((one) => [
        cell(words.role[one.role]),
        cell(words.signature(name(one), clock.stamp(one.at), one.covers, one.void === true)),
      ]),
      ...(code === undefined ? [] : [[cell(words.code), cell(code)]]),
    ]),
    ...(code === undefined ? [] : [{ text: words.howToVerify, color: DIM, margin: [0, 6, 0, 6] } as Content]),
    heading(words.cautions),
    ...Object.values(cautions).map(({ text }): Content => ({ text, margin: [0, 0, 0, 4] })),
    { text: words.defers, margin: [0, 4, 0, 0] },
  ]
}

const nets = (all: readonly NetVerdict[], name: NameOf, clock: BenchClock): Content =>
  table(
    ['auto', 'auto', 'auto', 'auto', '*', 'auto', 'auto'],
    words.netColumns,
    all.map(({ wire, probe, measured, resistance, proven, events }) => [
      cell(wire.id),
      cell(probe ? (probe.result === 'pass' ? words.rings : words.failed(probe.rings)) : '–'),
      cell(resistance?.netOhm === undefined ? words.notMeasured : ohms(resistance.netOhm)),
      cell(resistance ? `${ohms(resistance.windowOhm[0])} – ${ohms(resistance.windowOhm[1])}` : '–'),
      cell(
        [
          measured?.fourWire ? words.fourWires : measured ? words.leadsOff : '',
          measured?.temperatureC === undefined ? '' : `${String(measured.temperatureC)} °C`,
          events.length > 0 ? words.interruptions(events.length) : '',
        ]
          .filter(Boolean)
          .join(', '),
      ),
      cell(proven ? words.proved : words.notProved),
      cell(probe ? `${name(probe)}, ${clock.dayTime(probe.at)}` : ''),
    ]),
  )

function apart(state: State, unit: number, name: NameOf, clock: BenchClock): Content[] {
  const whole = state.analysed.get(String(unit))
  const tasks = apartTasks(state, unit)
  const { all, probed } = pairsSaved(state)
  const byHand = tasks.flatMap(({ red, black, found }) => (found ? [{ red, black, found }] : []))
  return [
    heading(words.apart),
    ...(whole
      ? [
          {
            text: words.analysed(
              whole.points,
              ohms(whole.belowOhm),
              whole.apart,
              whole.readBy,
              name(whole),
              clock.dayTime(whole.at),
            ),
          } as Content,
        ]
      : []),
    ...(tasks.length > 0 ? [{ text: words.pairs(probed, all), color: DIM } as Content] : []),
    ...(byHand.length > 0
      ? [
          table(
            ['auto', 'auto', 'auto', '*'],
            words.apartColumns,
            byHand.map(({ red, black, found }) => [
              cell(pointName(red)),
              cell(pointName(black)),
              cell(found.result === 'pass' ? words.silent : words.rang),
              cell(`${name(found)}, ${clock.dayTime(found.at)}`),
            ]),
          ),
        ]
      : whole
        ? []
        : [{ text: words.nothingShown, color: DIM } as Content]),
  ]
}

function through(state: State, unit: number, name: NameOf, clock: BenchClock): Content[] {
  const tasks = throughTasks(state, unit)
  if (tasks.length === 0) return []
  return [
    heading(words.through),
    table(
      ['auto', 'auto', '*', 'auto', 'auto'],
      words.throughColumns,
      tasks.map(({ red, black, a, b, cavities, found }) => [
        cell(pointName(red)),
        cell(pointName(black)),
        cell(cavities.map((cavity) => `${a}.${cavity}–${b}.${cavity}`).join(', ')),
        cell(found ? (found.result === 'pass' ? words.rangThrough : words.didNotRing) : words.notProbed),
        cell(found ? `${name(found)}, ${clock.dayTime(found.at)}` : ''),
      ]),
    ),
  ]
}

function held(state: State, unit: number, name: NameOf, clock: BenchClock): Content[] {
  const tasks = holdTasks(state, unit)
  if (tasks.length === 0) return []
  return [
    heading(words.held),
    table(
      ['auto', 'auto', 'auto', 'auto', 'auto', '*'],
      words.heldColumns,
      tasks.map(({ termination, test, askedN, found }) => [
        cell(termLabel(termination.key)),
        cell(holdTestWords[test].name),
        cell(askedN === undefined ? '–' : newtons(askedN)),
        cell(found?.forceN === undefined ? words.notRead : newtons(found.forceN)),
        cell(found ? (found.held ? words.itHeld : words.didNotHold) : '–'),
        cell(found ? `${name(found)}, ${clock.dayTime(found.at)}` : ''),
      ]),
    ),
  ]
}

function moved(state: State, unit: number, name: NameOf, clock: BenchClock): Content[] {
  const found = state.moved.get(String(unit))
  if (!found) return []
  return [
    heading(words.moved),
    {
      text: words.movedFor(
        found.seconds,
        found.wires,
        found.rateHz === undefined ? undefined : shortestSeenMs(found.rateHz),
        found.events.length,
        found.readBy,
        name(found),
        clock.dayTime(found.at),
      ),
    },
    ...(found.events.length > 0
      ? [
          table(
            ['auto', 'auto', 'auto', '*'],
            words.eventColumns,
            found.events.map(({ wire, lengthMs, peakOhm, during, term }) => [
              cell(wire),
              cell(lengthMs === undefined ? '–' : `${String(Math.round(lengthMs))} ms`),
              cell(lengthMs === undefined ? '–' : peakOhm === undefined ? words.open : ohms(peakOhm)),
              cell(`${movementWords[during]}${term === undefined ? '' : `, ${termLabel(term)}`}`),
            ]),
          ),
        ]
      : []),
  ]
}
