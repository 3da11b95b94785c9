'use client'
import { later } from '../later/later'

/** The instruments that a card asks. Who they are is asked of the bench, so the line comes when the card stands. */
export const DeviceLine = later(
  () => import('./InstrumentsLine'),
  (module) => module.InstrumentsLine,
)
