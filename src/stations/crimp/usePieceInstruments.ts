import { useCallback, useState } from 'react'
import type { QueueItem } from '@/core/views/queue'
import { heightAt, pieceMade, type PieceFault } from '@/core/craft/specimen/pieceMade'
import { useInstruments, type PieceMaker } from '@/ui/device/useInstruments'
import { useJob } from '@/ui/job/JobProvider'

/** The bench's instruments for a piece like this one. A stand-in is told how it was made, since it cannot see. */
export function usePieceInstruments({ termination, set }: QueueItem) {
  const { state } = useJob()
  const [fault, setFault] = useState<PieceFault>()
  const contact = state.facts.contacts[set.contact]
  const type = state.facts.wireTypes[termination.wire.type]
  const { insulationMm } = termination.wire
  const make = useCallback<PieceMaker>(
    (wrong) => {
      if (!contact || !type) return undefined
      const made = pieceMade(contact, type, set, {
        ...(insulationMm !== undefined && { insulationMm }),
        ...(wrong && { fault: wrong }),
      })
      // without a height of its own the micrometer gets a figure that nobody asks for
      return { made, heightMm: heightAt(set, made.compaction) ?? 1 }
    },
    [contact, type, set, insulationMm],
  )
  return { ...useInstruments(make, fault), fault, setFault }
}
