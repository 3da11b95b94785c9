'use client'
import { createContext, type ReactNode, useContext, useMemo } from 'react'
import { type BenchClock, clockOf } from '@/words/clock'

const Context = createContext<BenchClock>(clockOf('UTC'))

/** The clock of this bench. */
export const useClock = (): BenchClock => useContext(Context)

export function ClockProvider({ zone, children }: { readonly zone: string; readonly children: ReactNode }) {
  return <Context value={useMemo(() => clockOf(zone), [zone])}>{children}</Context>
}
