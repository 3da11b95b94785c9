import { readFileSync, writeFileSync } from 'node:fs'
import { emptyPlan } from '../src/core/job/plan'
import { termState } from '../src/core/journal/state'
import { workThrough } from '../src/core/job/workThrough.testing'
import type { KeptEntry } from '../src/core/journal/entry'
import { entryHash, NO_HASH } from '../src/data/entryHash'
import { firstEntries } from '../src/core/job/firstEntries'
import { demoCatalogue } from '../src/formats/demoCatalogue.testing'
import { jobDocument } from '../src/formats/jobDocument'
import { readPinout } from '../src/formats/pinout/readPinout'

/** Writes demo/jobs/deck-loom.json: the deck loom, worked through to its middle by steady hands. */
const catalogue = demoCatalogue()
const reading = readPinout(readFileSync('demo/jobs/deck-loom.csv', 'utf8'), catalogue)
if (!reading.plan) throw new Error(JSON.stringify(reading.cellFaults))
const plan = { ...emptyPlan, title: 'Mudlark deck loom', rev: 'C', ambientC: 25, ends: reading.plan.ends.map((end) => (end.id === 'C' ? { ...end, keying: 'K2' } : end)), wires: [...reading.plan.wires] }

let made = 0
const newId = () => `demo-${String(++made).padStart(4, '0')}`
let minutes = 0
const begun = Date.parse('2026-11-24T08:05:00Z')
const pace: Readonly<Partial<Record<string, number>>> = { 'setup-mounted': 4, 'first-piece': 5, 'wire-cut': 1, stripped: 2, crimped: 2 }

const { folded, entries } = workThrough(firstEntries(catalogue, plan, '2026-11-24', newId), {
  newId,
  stamp: (_seq, entry) => {
    minutes += pace[entry.kind] ?? 1
    return { at: new Date(begun + minutes * 60_000).toISOString(), by: entry.kind === 'plan-changed' || entry.kind === 'sets-chosen' ? 'ansa' : 'teodor' }
  },
  until: (state, step) => step.code === 'crimp' && [...state.terms.keys()].filter((key) => termState(state, key).crimp).length >= 24,
})

let prev = NO_HASH
const journal = entries.map((entry): KeptEntry => {
  const hash = entryHash(entry, prev)
  const kept = { ...entry, prev, hash }
  prev = hash
  return kept
})
const { state: _state, ...document } = jobDocument('deck-loom', folded.state, journal)
writeFileSync('demo/jobs/deck-loom.json', `${JSON.stringify(document, null, 1)}\n`)
console.log(`deck-loom.json: ${entries.length} entries, ${[...folded.state.terms.values()].filter((term) => term.crimp).length} crimped`)
