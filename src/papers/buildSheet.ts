import { buildSheetWords as words } from '@/words/screens/papers/buildSheet'
import { type BenchClock, clockOf } from '@/words/clock'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { lockOfHousing } from '@/core/parts/catalogue/secondaryLocks'
import type { Housing } from '@/core/parts/catalogue/types'
import { housingOf } from '@/core/record/plan/facts'
import { type SideLetter, type Wire, planIndex, sideOf } from '@/core/record/plan/plan'
import { type JobState, endState, termState } from '@/core/record/state/state'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { netVerdict } from '@/core/work/prove/netVerdict'
import { setupIdLabel } from '@/core/craft/setup/setup'
import { faceState } from '@/ui/job/faceState'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { pulledWords } from '@/words/pulled'
import { figure, lengthCell, newtons, range, stripCell } from '@/words/figures'
import { pullBasisWords } from '@/words/pullTables'
import { writePlace } from '@/core/record/plan/writePlace'
import { faceSvg } from './faceSvg'
import { DIM, type NameOf, type PaperInput, cell, figureCell, heading, namesOf, page, table } from './paper'
import { setKey } from '@/core/record/plan/keys'

/** The build sheet: pinout, faces, what was used where, results, signature. */
export function buildSheet(input: PaperInput): TDocumentDefinitions {
  const { state, madeAt } = input
  const { plan } = state
  const name = namesOf(input)
  const clock = clockOf(input.zone)
  return page(input, words.buildSheet, [
    {
      text: words.buildSheetRevHouse(
        plan.rev,
        plan.quantity > 1 ? words.units(plan.quantity) : '',
        rulesOf(state).name,
        clock.stamp(madeAt),
        state.seq,
      ),
      color: DIM,
      margin: [0, 2, 0, 10],
    },
    ...signatures(state, name, clock),
    heading(words.facesSeenFromWire),
    ...faces(state),
    heading(words.pinout),
    pinout(state),
    heading(words.setupsAndFirstPieces),
    setups(state, name, clock),
    heading(words.whatWasAsked),
    asked(state),
    heading(words.whatWasUsedWhere),
    terminations(state, name),
    heading(words.proof),
    proof(state, name),
    ...closing(state, name, clock),
  ])
}

function signatures(state: JobState, name: NameOf, clock: BenchClock): Content[] {
  if (state.signatures.length === 0) return [{ text: words.notSignedThisIs, bold: true, color: '#8e2430' }]
  return state.signatures.map((one): Content => ({
    text: words.signature(one, name(one), clock.stamp(one.at)),
    bold: !one.void,
    ...(one.void && { color: DIM }),
  }))
}

function faces(state: JobState): Content[] {
  const shown = state.plan.ends.flatMap((end) => {
    const housing = housingOf(state.facts, state.plan, end.id)
    return housing ? [{ end: end.id, keying: end.keying, housing }] : []
  })
  const rows: Content[] = []
  for (let i = 0; i < shown.length; i += 2) {
    rows.push({
      unbreakable: true,
      columns: shown.slice(i, i + 2).map(({ end, keying, housing }) => ({
        width: '50%',
        stack: [
          { text: words.endWireFace(end, housing.name, housing.id), fontSize: 8.5, bold: true },
          { svg: faceSvg(housing, faceState(state, 1, end, housing), 245, 165, undefined, keying), width: 245 },
          {
            text: words.lockLookedOverFrom(
              !hasLock(state, housing) ? undefined : endState(state, `1/${end}`).lock,
              endState(state, `1/${end}`).lookedOver,
            ),
            fontSize: 8,
            color: DIM,
          },
        ],
      })),
      margin: [0, 0, 0, 6],
    })
  }
  return rows
}

const hasLock = (state: JobState, housing: Housing) => {
  const family = state.facts.families[housing.family]
  return family !== undefined && lockOfHousing(family, housing).present
}

const at = (wire: Wire, side: SideLetter) => {
  return writePlace(sideOf(wire, side))
}

const pinout = (state: JobState): Content =>
  table(
    ['auto', 'auto', 'auto', 'auto', 'auto', 'auto', '*', 'auto'],
    ['wire', 'type', 'colour', 'from', 'to', words.length(), 'signal', words.loadA],
    state.plan.wires.map((wire) => [
      cell(wire.id),
      cell(wire.type),
      cell(wire.colour),
      cell(at(wire, 'a')),
      cell(at(wire, 'b')),
      cell(lengthCell(wire.lengthMm, 0)),
      { text: wire.signal ?? '', fontSize: 8 },
      cell(wire.currentA),
    ]),
  )

const setups = (state: JobState, name: NameOf, clock: BenchClock): Content =>
  table(
    ['*', 'auto', 'auto', 'auto', 'auto', 'auto'],
    ['setup', words.madeLike, words.firstPieceHeld, words.asked, words.height(), 'released'],
    [...state.setups].flatMap(([id, setup]) => {
      const released = setup.released
        ? `${clock.stamp(setup.released.at)} ${name(setup.released)}`
        : words.releasedBefore(setup.proven.length > 0)
      return setup.pieces.map((piece, i) => [
        cell(setupIdLabel(id)),
        cell(piece.like && `${piece.like.wire}${piece.like.side}: ${piece.contact}, ${piece.like.conductor}`),
        cell(pulledWords(piece)),
        cell(piece.minimumN === undefined ? undefined : newtons(piece.minimumN)),
        cell(piece.heightMm === undefined ? words.heightNotMeasured : words.measured(piece.heightMm)),
        cell(
          !piece.good
            ? words.notGood
            : setup.released && (i < setup.released.from || i >= setup.released.upTo)
              ? words.releasedBefore(i < setup.released.from)
              : released,
        ),
      ])
    }),
  )

/** What was asked of the crimps: a figure, the table or sheet that asks it, and whether it is an estimate. One line for all that are alike. */
function asked(state: JobState): Content {
  const lines = new Map<string, { readonly set: ChosenSet; readonly terms: string[] }>()
  for (const { wire, side, unit } of planIndex(state.plan).terminations) {
    const set = unit === 1 ? state.sets.get(setKey(wire.id, side)) : undefined
    if (!set) continue
    const key = JSON.stringify([set.contact, set.strip, set.height, set.pull])
    const line = lines.get(key) ?? { set, terms: [] }
    line.terms.push(`${wire.id}${side}`)
    lines.set(key, line)
  }
  return table(
    ['auto', 'auto', 'auto', '*', '*'],
    ['contact', words.stripHead(), words.height(), words.pullAsked, 'for'],
    [...lines.values()].map(({ set, terms }) => [
      cell(set.contact),
      figureCell(stripCell(set.strip)),
      figureCell(set.height && words.window(set.height)),
      { text: set.pull ? words.pullBy(set.pull.forceN, pullBasisWords(set.pull)) : words.noPullAsked, fontSize: 8 },
      { text: terms.join(' '), fontSize: 8 },
    ]),
  )
}

const terminations = (state: JobState, name: NameOf): Content =>
  table(
    ['auto', 'auto', 'auto', 'auto', 'auto', '*', 'auto', 'auto'],
    [words.term, 'cavity', 'contact', 'seal', words.stripHead(), 'setup', 'crimped', 'seated'],
    planIndex(state.plan).terminations.map((one) => {
      const set = state.sets.get(setKey(one.wire.id, one.side))
      const now = termState(state, one.key)
      const label = `${one.wire.id}${one.side}${state.plan.quantity > 1 ? ` #${one.unit}` : ''}`
      const { setup } = set ?? {}
      return [
        cell(label),
        cell(writePlace(one.at)),
        cell(set?.contact),
        cell(set?.seal),
        cell(now.stripped && words.strip(now.stripped.stripMm, now.stripped.lengthFrom)),
        cell(
          setup &&
            [setup.tool, setup.die, setup.positioner, setup.selector, setup.nest]
              .filter((part) => part !== undefined)
              .join(' '),
        ),
        cell(now.crimp && words.crimp(name(now.crimp), now.crimp.heightMm)),
        cell(now.seat && (now.seat.home ? words.seat(name(now.seat), now.seat) : words.notHome)),
      ]
    }),
  )

const proof = (state: JobState, name: NameOf): Content =>
  table(
    ['auto', '*', 'auto', 'auto', 'auto', 'auto', 'auto', 'auto'],
    ['net', words.fromTo, 'probe', 'by', words.windowOhm, words.netOhm, words.measuredHow, 'verdict'],
    Array.from({ length: state.plan.quantity }, (_, i) => i + 1).flatMap((unit) =>
      state.plan.wires.map((wire) => {
        const net = netVerdict(state, unit, wire)
        return [
          cell(state.plan.quantity > 1 ? `${wire.id} #${unit}` : wire.id),
          cell(`${at(wire, 'a')}, ${at(wire, 'b')}`),
          cell(net.probe?.result ?? ''),
          cell(net.probe ? name(net.probe) : ''),
          cell(net.resistance && range(net.resistance.windowOhm[0], net.resistance.windowOhm[1], 4)),
          cell(net.resistance?.netOhm === undefined ? '' : figure(net.resistance.netOhm, 4)),
          cell(net.measured && words.meter(net.measured)),
          cell(net.resistance?.verdict && words.netVerdict(net.resistance)),
        ]
      }),
    ),
  )

function closing(state: JobState, name: NameOf, clock: BenchClock): Content[] {
  const { tray } = state
  return [
    {
      text: tray
        ? words.trayCountedByOf(
            clock.stamp(tray.at),
            name(tray),
            tray.allBack ? words.allToolsBack : `missing ${tray.missing.join(', ')}`,
            tray.scrapFound,
            tray.scrapped,
          )
        : words.trayNotCounted,
      margin: [0, 10, 0, 0],
    },
    {
      text: words.figuresFollowSheetsNamed,
      color: DIM,
      fontSize: 8,
      margin: [0, 6, 0, 0],
    },
  ]
}
