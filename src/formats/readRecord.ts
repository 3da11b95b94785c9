import { type Breath, noBreath } from '@/core/base/breath'
import type { KeptEntry } from '@/core/record/journal/entry'
import { chainBrokenWords } from '@/words/records'
import { checkLooseChain } from './chain/checkChain'
import { type JournalIssue, readJournal } from './jobDocument'

/** Entries of a piece: it is read in a moment. */
const ENTRIES = 400

/**
 * Reads the journal of a document piece by piece: each entry by its schema, each link of the chain.
 * @param take is given each piece whose entries, and all before them, were found sound
 * @returns what is wrong with the record, the first of it first; nothing where it is whole
 */
export async function readRecord(
  journal: readonly Record<string, unknown>[],
  take: (entries: readonly KeptEntry[]) => Promise<void> | void,
  breath: Breath = noBreath,
): Promise<readonly JournalIssue[]> {
  const unfit: JournalIssue[] = []
  let broken: JournalIssue | undefined
  let last: KeptEntry | undefined
  for (let from = 0; from < journal.length; from += ENTRIES) {
    const { entries, issues } = await readJournal(journal.slice(from, from + ENTRIES), breath, from)
    unfit.push(...issues)
    if (broken || unfit.length > 0) continue
    const kept = entries.map(({ entry, stamp }): KeptEntry => ({ ...entry, ...stamp }))
    const fault = await checkLooseChain(kept, breath, last)
    if (fault) broken = { path: ['journal', fault.seq - 1], message: chainBrokenWords(fault.seq) }
    else await take(kept)
    last = kept.at(-1)
  }
  return unfit.length > 0 || !broken ? unfit : [broken]
}
