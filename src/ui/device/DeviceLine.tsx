'use client'
import dynamic from 'next/dynamic'

/** The instruments that a card asks. Who they are is asked of the bench, so the line comes when the card stands. */
export const DeviceLine = dynamic(() => import('./InstrumentsLine').then((module) => module.InstrumentsLine), {
  ssr: false,
})
