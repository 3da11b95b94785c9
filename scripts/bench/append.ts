import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'drizzle-orm'
import { dispatch } from '../../src/api/dispatch'
import { openFolder } from '../../src/data/database'
import { loadDemo } from '../../src/data/loadDemo'
import { loadJob } from '../../src/data/repositories/jobs'
import { snapshot } from '../../src/core/record/state/state'
import { largeJournal } from './largeJob'
import { line, median } from './measure'
import { newJobCache } from '../../src/data/repositories/jobCache'
import { createJob } from '../../src/data/repositories/createJob'

const folder = mkdtempSync(join(tmpdir(), 'urn-append-'))
const opened = await openFolder(folder)
const bench = { ...opened, jobs: newJobCache(), catalogue: {} }
await loadDemo(bench.db, bench.jobs)

const bare: number[] = []
for (let i = 0; i < 200; i++) {
  const from = performance.now()
  await bench.db.execute(sql`insert into meta (key, value) values (${`bare ${i}`}, ${JSON.stringify({ text: 'x' })})`)
  bare.push(performance.now() - from)
}
const times: number[] = []
let seen = 51
for (let i = 0; i < 200; i++) {
  const request = new Request('http://127.0.0.1/api/v1/jobs/deck-loom/journal', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      seen,
      entries: [{ id: `bench-${String(i).padStart(6, '0')}`, kind: 'noted', text: `note ${i}` }],
    }),
  })
  const from = performance.now()
  const response = await dispatch(request, 'jobs/deck-loom/journal', {
    bench: () => Promise.resolve(bench),
    now: () => new Date(),
    by: 'teodor',
    report: String,
  })
  times.push(performance.now() - from)
  if (response.status !== 201) throw new Error(await response.text())
  seen++
}
line('append in the handler, median of 200', median(times), 'a bare insert', median(bare))
const entries = largeJournal(1000, 20_000)
const made = await createJob(bench.db, bench.jobs, {
  id: 'large',
  entries: entries.map(({ seq: _seq, at: _at, ...entry }) => entry),
  stamps: entries.map(({ at, by }) => ({ at, by })),
  by: 'teodor',
  now: new Date(),
})
if (!made.ok) throw new Error(JSON.stringify(made.fault))
const fresh = newJobCache()
const first = performance.now()
await loadJob(bench.db, fresh, 'large')
line('first load of 1,000 wires and 20,000 entries, fold and all', performance.now() - first)
const loads: number[] = []
for (let i = 0; i < 50; i++) {
  const from = performance.now()
  const folded = await loadJob(bench.db, fresh, 'large')
  if (folded) snapshot(folded.state)
  loads.push(performance.now() - from)
}
line('data of a page of that job, median of 50', median(loads))
await bench.close()
rmSync(folder, { recursive: true, force: true })
