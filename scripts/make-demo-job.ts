import { readFileSync, writeFileSync } from 'node:fs'
import { type Plan, emptyPlan } from '../src/core/record/plan/plan'
import { firstEntries } from '../src/core/work/kit/firstEntries'
import { type WorkOptions, workThrough } from '../src/core/views/workThrough.testing'
import type { KeptEntry, NewEntry } from '../src/core/record/journal/entry'
import { type JobState, termState } from '../src/core/record/state/state'
import { heightAt, pieceMade } from '../src/core/craft/specimen/pieceMade'
import { normalDraws } from '../src/core/craft/specimen/scatter'
import { specimen } from '../src/core/craft/specimen/specimen'
import { NO_HASH, entryHash } from '../src/formats/chain/entryHash'
import { demoShelf } from '../src/core/parts/catalogue/demoShelf.testing'
import { jobDocument } from '../src/formats/jobDocument'
import { readPinout } from '../src/formats/pinout/readPinout'
import { setKey } from '../src/core/record/plan/keys'

/** Writes the demo's jobs that were worked on: the deck loom to its middle, the winch feed to Prove, the float switch leads to their end. */
const catalogue = demoShelf()
const pace: Readonly<Partial<Record<string, number>>> = {
  'setup-mounted': 4,
  'first-piece': 5,
  'pull-sampled': 3,
  'wire-cut': 1,
  stripped: 2,
  crimped: 2,
}

function planOf(file: string, more: Partial<Plan>, keyings: Readonly<Record<string, string>> = {}): Plan {
  const reading = readPinout(readFileSync(`demo/jobs/${file}.csv`, 'utf8'), catalogue)
  if (!reading.plan) throw new Error(JSON.stringify(reading.cellFaults))
  return {
    ...emptyPlan,
    ...more,
    ends: reading.plan.ends.map((end) => ({
      ...end,
      ...(keyings[end.id] !== undefined && { keying: keyings[end.id] }),
    })),
    wires: [...reading.plan.wires],
  }
}

/** Minutes of work as a time of day: from seven to half past three, the days one after the other. */
const SHIFT_MIN = 510
const clock = (begun: string) => (minutes: number) =>
  new Date(
    Date.parse(begun) + Math.floor(minutes / SHIFT_MIN) * 86_400_000 + (minutes % SHIFT_MIN) * 60_000,
  ).toISOString()

/** What the ids of a job's entries begin with. */
const prefixes = { 'deck-loom': 'demo', 'float-leads': 'float', 'winch-feed': 'winch' } as const

function make(
  id: keyof typeof prefixes,
  plan: Plan,
  begun: string,
  options: Omit<WorkOptions, 'newId' | 'stamp'>,
): void {
  let made = 0
  const newId = () => `${prefixes[id]}-${String(++made).padStart(4, '0')}`
  const at = clock(begun)
  let minutes = 0
  const { folded, entries } = workThrough(firstEntries(catalogue, plan, begun.slice(0, 10), newId), {
    ...options,
    newId,
    stamp: (_seq, entry) => {
      minutes += pace[entry.kind] ?? 1
      return {
        at: at(minutes),
        by:
          entry.kind === 'plan-changed' || entry.kind === 'sets-chosen' || entry.kind === 'signed' ? 'ansa' : 'teodor',
      }
    },
  })
  let prev = NO_HASH
  const journal = entries.map((entry): KeptEntry => {
    const hash = entryHash(entry, prev)
    const kept = { ...entry, prev, hash }
    prev = hash
    return kept
  })
  const { state: _state, ...document } = jobDocument(id, folded.state, journal)
  writeFileSync(`demo/jobs/${id}.json`, `${JSON.stringify(document, null, 1)}\n`)
  const { state } = folded
  const heights = [...state.terms.values()].reduce((sum, term) => sum + (term.heights?.length ?? 0), 0)
  const pulls = [...state.setups.values()].reduce((sum, setup) => sum + setup.pieces.length + setup.samples.length, 0)
  console.log(
    `${id}.json: ${entries.length} entries, ${[...state.terms.values()].filter((term) => term.crimp).length} crimped, ${heights} heights, ${pulls} pulls, ${entries.filter((entry) => entry.kind === 'setup-released').length} releases`,
  )
}

/** How the loom lies on Mudlark: along the deck from C, with A, B and D let out of it; a grommet where it goes below. */
const deckLayout: NonNullable<Plan['layout']> = {
  segments: [
    { id: 'C', from: 'C', to: 'P', lengthMm: 1035, toleranceMm: 10 },
    { id: 'A', from: 'A', to: 'P', lengthMm: 775, toleranceMm: 10 },
    { id: 'trunk', from: 'P', to: 'Q', lengthMm: 405, toleranceMm: 10 },
    { id: 'D', from: 'D', to: 'Q', lengthMm: 880, toleranceMm: 10 },
    { id: 'B', from: 'B', to: 'Q', lengthMm: 50, toleranceMm: 5 },
  ],
  keepOuts: [{ segment: 'C', fromMm: 560, toMm: 620, what: 'grommet' }],
  held: 'ties',
  firstMm: 40,
  pitchMm: 110,
  labelMm: 60,
  laidShare: 0.12,
}

make(
  'deck-loom',
  planOf('deck-loom', { title: 'Mudlark deck loom', rev: 'C', ambientC: 25, layout: deckLayout }, { C: 'K2' }),
  '2026-11-24T08:05:00Z',
  {
    until: (state, step) =>
      step.kind === 'crimp' && [...state.terms.keys()].filter((key) => termState(state, key).crimp).length >= 24,
  },
)

/** A steady hand and a die that works loose once: from this crimp on each height is a little more than the last. */
const DRIFT_FROM = 31
const DRIFT_MM = 0.003
/** Socket and pin are crimped by turns, and each has a row of heights of its own. */
const DRIFTS = 12
const normal = normalDraws(Number(process.env.URN_SEED ?? '18'))
let crimps = 0
let drifted = 0

/** A gauge in the hand stops a little above what is asked. */
const GAUGE_OVER_N = 2

function real(entry: NewEntry, state: JobState): NewEntry {
  if (entry.kind === 'harness-analysed')
    return {
      ...entry,
      temperatureC: 21,
      joined: entry.joined.map((one) => ({ ...one, ohm: Math.round(one.ohm * (1 + normal() * 0.01) * 1e4) / 1e4 })),
    }
  if (entry.kind === 'contact-held' && entry.askedN !== undefined)
    return { ...entry, forceN: Math.round((entry.askedN + Math.abs(normal()) * GAUGE_OVER_N * 0.5) * 10) / 10 }
  if (entry.kind !== 'crimped' && entry.kind !== 'first-piece' && entry.kind !== 'pull-sampled') return entry
  const [, wireId = '', side = 'a'] = entry.kind === 'crimped' ? entry.term.split('/') : ['', entry.wire, entry.side]
  const set = state.sets.get(setKey(wireId, side === 'b' ? 'b' : 'a'))
  const wire = state.plan.wires.find((one) => one.id === wireId)
  const contact = set && state.facts.contacts[set.contact]
  const type = wire && state.facts.wireTypes[wire.type]
  if (!set || !contact || !type) throw new Error(wireId)
  const made = { ...pieceMade(contact, type, set), compaction: 0.849 + normal() * 0.006 }
  const pullN = Math.round(specimen(made, normal()).pullN * 10) / 10
  const breaks = specimen(made).breaks
  const round = (mm: number | undefined) => (mm === undefined ? {} : { heightMm: Math.round(mm * 1000) / 1000 })
  if (entry.kind === 'pull-sampled') return { ...entry, pullN, breaks, pullBy: 'URN BENCH,TARN-P,stand-in,1.0' }
  if (entry.kind === 'first-piece') {
    drifted = 0
    return {
      ...entry,
      pullN,
      breaks,
      pullBy: 'URN BENCH,TARN-P,stand-in,1.0',
      heightBy: 'URN BENCH,TARN-H,stand-in,1.0',
      ...round(heightAt(set, made.compaction)),
    }
  }
  crimps++
  const middle = heightAt(set, 0.849) ?? 0
  const loose = crimps >= DRIFT_FROM && crimps < DRIFT_FROM + DRIFTS
  return {
    ...entry,
    heightBy: 'URN BENCH,TARN-H,stand-in,1.0',
    ...round(loose ? middle - 0.012 + ++drifted * DRIFT_MM : heightAt(set, made.compaction)),
  }
}

make(
  'float-leads',
  planOf('float-leads', { title: 'Float switch leads', rev: 'B', quantity: 30, rules: 'series-work', ambientC: 25 }),
  '2026-11-09T07:00:00Z',
  { real },
)

make(
  'winch-feed',
  planOf('winch-feed', { title: 'Winch feed', rev: 'A', ambientC: 30, supplyV: 24 }),
  '2026-11-20T07:30:00Z',
  { until: (_state, step) => step.station === 'prove' },
)
