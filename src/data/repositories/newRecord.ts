import type { Breath } from '@/core/base/breath'
import type { KeptEntry } from '@/core/record/journal/entry'
import type { Moment, Refusal } from '@/core/record/journal/entryKind'
import { foldEntry } from '@/core/record/journal/fold'
import { newFold, seqOf } from '@/core/record/journal/folded'
import { refusalOf } from '@/core/work/left/refusalOf'

/** An entry of a record that would not be admitted if somebody wrote it today. */
export interface Remark {
  readonly seq: number
  readonly refusal: Refusal
}

export interface RefusedEntry {
  readonly kind: 'refused'
  readonly entry: string
  readonly refusal: Refusal
  readonly index: number
}

/**
 * The record of a job that is not written yet, judged and folded as its entries come. Those that were written elsewhere were
 * admitted there: what speaks against one of them today is a remark, no refusal. Only an id that is there twice is none that a
 * record can have.
 */
export class NewRecord {
  readonly folded = newFold()
  readonly kept: KeptEntry[] = []
  readonly remarks: Remark[] = []
  /** the first that was refused: nothing behind it was looked at */
  refused: RefusedEntry | undefined

  constructor(
    private readonly from: 'here' | 'elsewhere',
    private readonly breath: Breath,
    private readonly dayOf: Moment['dayOf'],
  ) {}

  /** The entries that come next, in their order; others have their turn between them. */
  async take(entries: Iterable<KeptEntry>): Promise<void> {
    for (const entry of entries) {
      if (this.refused) return
      await this.breath()
      this.#take(entry)
    }
  }

  #take(entry: KeptEntry): void {
    const { id, seq, at, by } = entry
    const twice = seqOf(this.folded, id) !== undefined
    const refusal = twice
      ? ({ kind: 'id-twice', id } as const)
      : refusalOf(this.folded, entry, { at, by, dayOf: this.dayOf })
    if (refusal && (twice || this.from === 'here')) {
      this.refused = { kind: 'refused', entry: id, refusal, index: seq - 1 }
      return
    }
    if (refusal) this.remarks.push({ seq, refusal })
    foldEntry(this.folded, entry)
    this.kept.push(entry)
  }
}
