import { useCallback, useEffect, useRef, useState } from 'react'
import type { PieceFault } from '@/core/craft/specimen/pieceMade'
import { pullOff, readInstrument, type LaidIn, type Pulled, type Read } from './instrumentClient'

/** How a piece for the stand-ins is made: by default sound; the bench may lay in a bad one, to see it found. */
export type PieceMaker = (fault: PieceFault | undefined) => LaidIn | undefined

export type Working = 'height' | 'pull' | undefined

/** What the bench's micrometer and pull tester can do for a screen: measure, pull with the curve as it comes, stop. */
export function useInstruments(make: PieceMaker, fault: PieceFault | undefined) {
  const [working, setWorking] = useState<Working>()
  const [message, setMessage] = useState<string>()
  const [pulling, setPulling] = useState<{ readonly version: number; readonly done: boolean }>()
  // a thousand points a second: they are kept here and drawn once a frame
  const points = useRef<number[]>([])
  const stop = useRef<AbortController>(undefined)
  // a pull that is asked for while the height is still being read comes after it
  const reading = useRef<Promise<unknown>>(undefined)
  useEffect(() => () => stop.current?.abort(), [])

  const height = useCallback(async (): Promise<Extract<Read, { ok: true }> | undefined> => {
    setWorking('height')
    setMessage(undefined)
    const asked = readInstrument('micrometer', make(fault))
    reading.current = asked
    const read = await asked
    setWorking(undefined)
    if (read.ok) return read
    setMessage(read.message)
    return undefined
  }, [make, fault])

  const pull = useCallback(async (): Promise<Extract<Pulled, { ok: true }> | undefined> => {
    const mine = new AbortController()
    stop.current?.abort()
    stop.current = mine
    await reading.current
    if (mine.signal.aborted) return undefined
    points.current = []
    setWorking('pull')
    setMessage(undefined)
    setPulling({ version: Date.now(), done: false })
    const pulled = await pullOff(make(fault), (more) => points.current.push(...more), mine.signal)
    setWorking(undefined)
    setPulling((now) => now && { ...now, done: true })
    if (pulled.ok) return pulled
    setMessage(pulled.message)
    return undefined
  }, [make, fault])

  return {
    working,
    message,
    height,
    pull,
    stop: () => stop.current?.abort(),
    points,
    pulling,
    clear: () => setPulling(undefined),
  }
}
