import { useRouter } from 'next/navigation'
import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'
import type { KeptEntry } from '@/core/record/journal/entry'
import type { foldEntry } from '@/core/record/journal/fold'
import { type Folded, foldFrom, seqOf } from '@/core/record/journal/folded'
import { type PackedState, unpackState } from '@/core/record/state/packedState'
import type { JobState } from '@/core/record/state/state'
import { useBeside } from '../later/useBeside'
import { firstState } from './firstState'
import { newerEntries } from './journalClient'
import { loadFolding } from './loadFolding'

/** The state as views take it: a new object for each version, so that what is computed from it is computed again. */
const viewOf = (folded: Folded): JobState => ({ ...folded.state, recent: [...folded.state.recent] })

const POLL_MS = 15_000

interface FoldedHere {
  readonly folded: RefObject<Folded>
  readonly state: JobState
  readonly take: (entries: readonly KeptEntry[]) => Promise<void>
  readonly catchUp: () => Promise<void>
}

/** A job's journal folded in this browser: what the page brought, what was written here, and what others wrote. */
export function useFolded(id: string, initial: PackedState, whole: boolean): FoldedHere {
  const router = useRouter()
  const [first] = useState(() => firstState(initial))
  const folded = useRef<Folded>(first)
  const [state, setState] = useState(() => viewOf(first))
  const taken = useRef(initial)
  // the server has sent a newer state: go on from there
  useEffect(() => {
    if (taken.current === initial) return
    taken.current = initial
    const sent = unpackState(initial)
    if (sent.seq <= folded.current.state.seq) return
    folded.current = foldFrom(sent)
    setState(viewOf(folded.current))
  }, [initial])

  useBeside(loadFolding)

  const foldOn = useCallback(
    (entries: readonly KeptEntry[], fold: typeof foldEntry) => {
      for (const entry of entries) {
        if (entry.seq <= folded.current.state.seq) continue
        const unknown = entry.kind === 'taken-back' && seqOf(folded.current, entry.undoes) === undefined
        if (entry.seq !== folded.current.state.seq + 1 || unknown) {
          // older than what is known here: the server folds it and sends the state
          router.refresh()
          return
        }
        fold(folded.current, entry)
      }
      setState(viewOf(folded.current))
    },
    [router],
  )

  const take = useCallback(
    async (entries: readonly KeptEntry[]) => {
      const folding = await loadFolding().catch(() => undefined)
      if (folding) foldOn(entries, folding.foldEntry)
      // it could not be fetched: the server folds
      else router.refresh()
    },
    [foldOn, router],
  )

  const catchUp = useCallback(async () => {
    // of a record that is not whole the server folds what holds, and nothing is added to it here
    if (!whole) return
    const newer = await newerEntries(id, folded.current.state.seq)
    if (newer && newer.entries.length > 0) await take(newer.entries)
  }, [id, take, whole])

  usePolling(catchUp)
  return { folded, state, take, catchUp }
}

/** Asks now and then, and when somebody comes back to the page. */
function usePolling(catchUp: () => Promise<void>): void {
  useEffect(() => {
    const look = () => document.visibilityState === 'visible' && void catchUp()
    const timer = setInterval(look, POLL_MS)
    window.addEventListener('focus', look)
    return () => {
      clearInterval(timer)
      window.removeEventListener('focus', look)
    }
  }, [catchUp])
}
