import { useEffect, useState } from 'react'
import type { InstrumentId } from '@/core/base/instrument/instruments'

export interface InstrumentView {
  readonly id: InstrumentId
  readonly address?: { readonly host: string; readonly port: number }
  readonly identity?: string
  readonly last?: { readonly value: number; readonly unit: string; readonly at: string }
  readonly message?: string
}

/** A card is opened for every crimp: the instruments are not asked who they are each time. */
const FRESH_MS = 20_000
let known: { readonly views: readonly InstrumentView[]; readonly at: number } | undefined

/** The instruments of this bench as they answered of late; undefined until they have been asked. */
export function useInstrumentViews(): {
  readonly views: readonly InstrumentView[] | undefined
  readonly look: () => void
} {
  const [views, setViews] = useState(known?.views)
  const [asked, setAsked] = useState(0)
  useEffect(() => {
    if (asked === 0 && known && performance.now() - known.at < FRESH_MS) return undefined
    let late = false
    void fetch('/api/instruments', { cache: 'no-store' })
      .then((response) => response.json() as Promise<{ instruments: readonly InstrumentView[] }>)
      .then((answer) => {
        known = { views: answer.instruments, at: performance.now() }
        if (!late) setViews(answer.instruments)
      })
      .catch(() => !late && setViews([]))
    return () => {
      late = true
    }
  }, [asked])
  return { views, look: () => setAsked((count) => count + 1) }
}

/** A stand-in that ships with the app says so in its identity. */
export const isStandIn = (view: InstrumentView | undefined): boolean => view?.identity?.split(',')[2] === 'stand-in'
