import { pageTitles as words } from '@/words/screens/app/pageTitles'
import type { Metadata } from 'next'
import { isShipped } from '@/core/parts/rules/houseRules'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { listJobs, loadJob } from '@/data/repositories/jobs'
import { RulesPlace } from '@/places/rules/RulesPlace'

export const metadata: Metadata = { title: words.houseRules }

export default async function RulesPage() {
  const { db, jobs, catalogue } = await bench()
  const [shelf, heads] = await Promise.all([loadCatalogue(db, catalogue), listJobs(db)])
  const open = await Promise.all(
    heads.filter((head) => !head.closed).map(async (head) => ({ head, folded: await loadJob(db, jobs, head.id) })),
  )
  return (
    <RulesPlace
      model={{
        schools: [...shelf.rules.values()].map((rules) => ({ ...rules, shipped: isShipped(rules.id) })),
        jobs: open.flatMap(({ head, folded }) =>
          folded ? [{ id: head.id, title: folded.state.plan.title, rules: folded.state.plan.rules }] : [],
        ),
      }}
    />
  )
}
