import { performance } from 'node:perf_hooks'
import { emptyFamily, type FamilyDraft } from '../../src/core/parts/sheets/familyDraft'
import { familyLacks } from '../../src/core/parts/sheets/familyLacks'
import { emptyHousing } from '../../src/core/parts/sheets/housingDraft'
import { readFamily } from '../../src/core/parts/sheets/readFamily'

/** How long a family's editor takes to read all of a large draft again, as it does at every key: 500 contacts, their settings, 20 housings. */

const ROUNDS = 30
const contacts = Array.from({ length: 500 }, (_, i) => ({
  id: `C-${String(i)}`,
  construction: 'closed-barrel',
  size: `S${String(i % 8)}`,
  gender: i % 2 === 0 ? 'pin' : 'socket',
  minMm2: '0.35',
  maxMm2: '0.75',
  plating: 'tin',
  ratedA: '7',
  barrelMm: '4',
  barrelBoreMm: '1.3',
  barrelOuterMm: '2',
  holeAtMm: '1.6',
}))
const draft: FamilyDraft = {
  ...emptyFamily,
  id: 'large',
  name: 'Large',
  document: 'sheet',
  sealing: 'wire-seal',
  lock: 'wedge',
  sheets: {
    ...emptyFamily.sheets,
    sizes: Array.from({ length: 8 }, (_, i) => ({ id: `S${String(i)}`, boreMm: '2.4' })),
    contacts,
    placard: contacts.map(({ id }) => ({
      tool: 'PF-1',
      contact: id,
      minMm2: '0.35',
      maxMm2: '0.75',
      die: 'D1',
      stripMinMm: '4.2',
    })),
  },
  housings: Array.from({ length: 20 }, (_, i) => ({
    ...emptyHousing,
    id: `H-${String(i)}`,
    cavities: [
      { ways: '30', size: 'S0', pitchMm: '4' },
      { ways: '30', size: `S${String(i % 8)}` },
    ],
  })),
}

const took: number[] = []
for (let round = 0; round < ROUNDS; round++) {
  const edited = {
    ...draft,
    sheets: {
      ...draft.sheets,
      contacts: contacts.map((one, i) => (i === round ? { ...one, ratedA: String(round + 1) } : one)),
    },
  }
  const from = performance.now()
  const { soFar, rows } = readFamily(edited)
  familyLacks({ family: soFar, rows, tools: new Set(['PF-1']) })
  took.push(performance.now() - from)
}
took.sort((a, b) => a - b)
const at = (share: number) => (took[Math.floor(took.length * share)] ?? 0).toFixed(1)
console.log(`a key in a family of 500 contacts: median ${at(0.5)} ms, slowest but one in ten ${at(0.9)} ms`)
