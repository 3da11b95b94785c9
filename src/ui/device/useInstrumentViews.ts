import type { InstrumentId } from '@/core/base/instrument/instruments'
import { useFetched, withFields } from '@/ui/fetched/useFetched'

export interface InstrumentView {
  readonly id: InstrumentId
  readonly address?: { readonly host: string; readonly port: number }
  readonly identity?: string
  readonly last?: { readonly value: number; readonly unit: string; readonly at: string }
  readonly message?: string
}

/** A card is opened for every crimp: the instruments are not asked who they are each time. */
const FRESH_MS = 20_000

const readViews = withFields<{ readonly instruments: readonly InstrumentView[] }>('instruments')
const none: readonly InstrumentView[] = []

/** The instruments of this bench as they answered of late; undefined until they have been asked. */
export function useInstrumentViews(): {
  readonly views: readonly InstrumentView[] | undefined
  readonly look: () => void
} {
  const { value, failed, again } = useFetched('/api/instruments', readViews, { freshMs: FRESH_MS })
  return { views: value?.instruments ?? (failed ? none : undefined), look: again }
}

/** A stand-in that ships with the app says so in its identity. */
export const isStandIn = (view: InstrumentView | undefined): boolean => view?.identity?.split(',')[2] === 'stand-in'
