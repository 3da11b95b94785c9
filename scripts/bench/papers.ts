import { join } from 'node:path'
import { foldAll } from '../../src/core/record/journal/fold'
import { makePdf } from '../../src/papers/makePdf'
import type { PaperInput } from '../../src/papers/paper'
import { line } from './measure'
import { largeJournal } from './largeJob'

process.env.URN_BENCH_THREAD_PAPERS ??= join(process.cwd(), 'build', 'threads', 'papers.mjs')

/** Papers of large jobs, made in the app's own thread. */
for (const wires of [200, 1000]) {
  const { state } = foldAll(largeJournal(wires, wires * 3))
  const input: PaperInput = {
    id: 'large',
    state,
    people: { teodor: 'Teodor Finch' },
    provenance: {},
    madeAt: '2026-11-29T09:00:00Z',
    zone: 'UTC',
    says: { units: 'metric' },
    code: '1-0000000000000000',
  }
  for (const paper of ['build-sheet', 'test-record', 'pinout', 'labels'] as const) {
    const from = performance.now()
    const pdf = await makePdf(paper, input)
    line(`${paper} of ${String(wires)} wires, ${String(Math.round(pdf.length / 1024))} kB`, performance.now() - from)
  }
}
