import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ledger } from '../../src/core/views/ledger/ledger'
import { seriesChart } from '../../src/core/views/ledger/seriesChart'
import type { LedgerSet } from '../../src/core/views/ledger/ledgerTypes'
import { normalDraws } from '../../src/core/craft/specimen/scatter'
import { openFolder } from '../../src/data/database'
import { readLedgerLines } from '../../src/data/repositories/ledger'
import { job, journalEntry } from '../../src/data/schema'
import { line, median } from './measure'

/** Charts of fifty thousand readings: read, counted, charted and reduced, as the Ledger's page does it. */
const folder = mkdtempSync(join(tmpdir(), 'urn-ledger-'))
const opened = await openFolder(folder)
const normal = normalDraws(1)
const set: LedgerSet = {
  setup: 'PF-10~die-D3',
  tool: 'PF-10',
  contact: 'SC-03-08',
  height: { minMm: 1.2, maxMm: 1.35 },
  minimumN: 85,
}
for (let j = 0; j < 5; j++) {
  const id = `series-${String(j)}`
  await opened.db
    .insert(job)
    .values({ id, createdAt: new Date(), lastSeq: 10_000, lastHash: '0'.repeat(64), closed: true })
  for (let from = 0; from < 10_000; from += 1000) {
    await opened.db.insert(journalEntry).values(
      Array.from({ length: 1000 }, (_, i) => ({
        jobId: id,
        seq: from + i + 1,
        entryId: `e-${String(from + i)}`,
        kind: 'crimped',
        at: new Date(Date.UTC(2026, 0, 1 + j * 20) + (from + i) * 60_000).toISOString(),
        by: 'teodor',
        hash: '0'.repeat(64),
        body: {
          term: `${String(from + i + 1)}/W1/a`,
          setup: set.setup,
          looks: ['wings-closed', 'brush-shows', 'insulation-edge', 'insulation-held', 'contact-straight'].map(
            (look) => ({ look, seen: true }),
          ),
          heightMm: Math.round((1.275 + normal() * 0.012) * 1000) / 1000,
        },
      })),
    )
  }
}
const times: number[] = []
let readings = 0
let shown = 0
for (let i = 0; i < 5; i++) {
  const from = performance.now()
  const lines = await readLedgerLines(opened.db)
  const book = ledger(
    [...lines].map(([id, all]) => ({ id, title: id, lines: all, setOf: () => set })),
    () => undefined,
  )
  const chart = seriesChart(book.series[0]?.heights ?? [], { lower: 1.2, upper: 1.35 }, 6)
  times.push(performance.now() - from)
  readings = chart.count
  shown = chart.shown.length
}
line(
  `Ledger of ${String(readings)} readings, drawn by ${String(shown)}: read, counted and charted, first`,
  times[0] ?? NaN,
  'median of 5',
  median(times),
)
await opened.close()
rmSync(folder, { recursive: true, force: true })
