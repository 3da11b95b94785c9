import { pageTitles as words } from '@/words/screens/app/pageTitles'
import type { Metadata } from 'next'
import { LedgerPlace } from '@/places/ledger/LedgerPlace'
import { ledgerTabs } from '@/places/ledger/ledgerModel'
import { readLedger } from '@/places/ledger/readLedger'

export const metadata: Metadata = { title: words.ledger }

type Query = Readonly<Record<string, string | string[] | undefined>>
const one = (value: string | string[] | undefined) => (typeof value === 'string' ? value : undefined)

export default async function LedgerPage({ searchParams }: { readonly searchParams: Promise<Query> }) {
  const query = await searchParams
  const n = Number(one(query.n))
  const subgroup = Number.isInteger(n) && n >= 2 && n <= 10 ? n : undefined
  // an entry is asked for as `job:seq`
  const [, job, seq] = /^(.+):(\d+)$/.exec(one(query.at) ?? '') ?? []
  const at = job !== undefined && seq !== undefined ? { job, seq: Number(seq) } : undefined
  return (
    <LedgerPlace
      model={await readLedger({ series: one(query.series), subgroup, at, copies: one(query.copies) === '1' })}
      tab={ledgerTabs.find((tab) => tab === one(query.show)) ?? 'charts'}
      subgroup={subgroup}
      at={at}
    />
  )
}
