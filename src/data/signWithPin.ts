import type { Outcome } from '@/core/base/outcome'
import type { KeptEntry } from '@/core/record/journal/entry'
import { pinWords } from '@/words/pins'
import { bench } from './bench'
import { benchClock } from './benchClock'
import { refused, writeEntries } from './outcome'
import { type PinCheck, checkPin, withPin } from './repositories/pins'

/** What is signed: the record up to an entry, or its reopening. */
export interface Signing {
  readonly jobId: string
  readonly seen: number
  readonly by: string
  readonly id: string
  readonly pin: string | undefined
  readonly what: { readonly role: 'builder' | 'second'; readonly covers: number } | { readonly why: string }
}

/** In words why a PIN did not do; undefined when it was right. */
export async function pinFault(check: PinCheck): Promise<string | undefined> {
  if (check.kind === 'right') return undefined
  if (check.kind === 'locked')
    return pinWords({ kind: 'locked', until: (await benchClock()).timeOfDay(check.until.toISOString()) })
  return pinWords(check)
}

/** Signs a job, or reopens it: who has a PIN is asked for it, and the signature says that it was given. */
export async function signWithPin({ jobId, seen, by, id, pin, what }: Signing): Promise<Outcome<readonly KeptEntry[]>> {
  const { db } = await bench()
  const signsWithOne = (await withPin(db)).has(by)
  if (signsWithOne && (pin === undefined || pin === '')) return refused(pinWords({ kind: 'asked' }))
  if (signsWithOne) {
    const fault = await pinFault(await checkPin(db, by, pin ?? '', new Date()))
    if (fault !== undefined) return refused(fault)
  }
  const given = signsWithOne ? { pin: true as const } : {}
  return writeEntries(jobId, seen, by, [
    'why' in what
      ? { id, kind: 'reopened', why: what.why, ...given }
      : { id, kind: 'signed', role: what.role, covers: what.covers, ...given },
  ])
}
