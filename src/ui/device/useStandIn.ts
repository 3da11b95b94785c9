import { useEffect, useState } from 'react'
import type { InstrumentId } from '@/core/instrument/instruments'

export interface InstrumentView {
  readonly id: InstrumentId
  readonly address?: { readonly host: string; readonly port: number }
  readonly identity?: string
  readonly last?: { readonly value: number; readonly unit: string; readonly at: string }
  readonly message?: string
}

/** The instruments of this bench as they answer now; undefined until they have been asked. */
export function useInstrumentViews(): { readonly views: readonly InstrumentView[] | undefined; readonly look: () => void } {
  const [views, setViews] = useState<readonly InstrumentView[]>()
  const [asked, setAsked] = useState(0)
  useEffect(() => {
    let late = false
    void fetch('/api/instruments', { cache: 'no-store' })
      .then((response) => response.json() as Promise<{ instruments: readonly InstrumentView[] }>)
      .then((answer) => !late && setViews(answer.instruments))
      .catch(() => !late && setViews([]))
    return () => {
      late = true
    }
  }, [asked])
  return { views, look: () => setAsked((count) => count + 1) }
}

/** A stand-in that ships with the app says so in its identity. */
export const isStandIn = (view: InstrumentView | undefined): boolean => view?.identity?.split(',')[2] === 'stand-in'
