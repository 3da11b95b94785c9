import { benchClock } from '@/data/benchClock'
import { uncrimpedClasses } from '@/core/work/kit/buyList'
import { kitProblem } from '@/core/work/kit/kitProblem'
import { supplyOf } from '@/core/work/kit/supply'
import { kitList } from '@/core/work/kit/kitList'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { loadJob } from '@/data/repositories/jobs'
import { readReservation, readStock } from '@/data/repositories/stock'
import type { KitProblems, KitSupply, KitTools } from './kitData'

async function jobAndShelf(jobId: string) {
  const { db, jobs, catalogue } = await bench()
  const [folded, shelf] = await Promise.all([loadJob(db, jobs, jobId), loadCatalogue(db, catalogue)])
  return folded && { db, state: folded.state, shelf }
}

/** The kit list against stock and packs. */
export async function readSupply(jobId: string): Promise<KitSupply | undefined> {
  const job = await jobAndShelf(jobId)
  if (!job) return undefined
  const [stock, taken] = await Promise.all([readStock(job.db), readReservation(job.db, jobId)])
  return { lines: supplyOf(kitList(job.state), new Map(stock.map((line) => [line.part, line])), taken, job.shelf) }
}

/** The whole job's choice, as it is put to the solver. */
export async function readProblems(jobId: string): Promise<KitProblems | undefined> {
  const job = await jobAndShelf(jobId)
  if (!job) return undefined
  const problem = kitProblem(job.shelf, job.state, (await benchClock()).dayOf(new Date()))
  const byHand = problem.groups.some((group) => group.fixed === 'by-hand')
  const parts = new Set(problem.groups.flatMap((group) => group.options.flatMap((option) => option.parts)))
  return {
    problem,
    ...(byHand && { free: kitProblem(job.shelf, job.state, (await benchClock()).dayOf(new Date()), false) }),
    names: Object.fromEntries(
      [...parts].map((part) => [part, job.shelf.contacts.get(part)?.name ?? job.shelf.seals.get(part)?.name ?? part]),
    ),
  }
}

/** What the crib cannot crimp, with every tool that could be bought or borrowed. */
export async function readTools(jobId: string): Promise<KitTools | undefined> {
  const job = await jobAndShelf(jobId)
  return (
    job && {
      classes: uncrimpedClasses(job.shelf, job.state, (await benchClock()).dayOf(new Date())),
      families: Object.fromEntries([...job.shelf.families.values()].map((family) => [family.id, family.name])),
    }
  )
}
