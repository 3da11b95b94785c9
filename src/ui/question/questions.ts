import { useEffect, useSyncExternalStore } from 'react'
import { useSteady } from '../useSteady'

/** A figure that the card on screen asks for. */
export interface Question {
  readonly label: string
  /** puts what a calliper sent into its field; nothing is written down by it */
  readonly take: (text: string) => void
}

let asked: readonly Question[] = []
let offered: string | undefined
const listeners = new Set<() => void>()
const tell = () => {
  for (const listener of listeners) listener()
}

/** What a calliper, a gauge or a balance sends: a figure with its mark or its unit. A bare number may be a wire, a cavity or a bin. */
const FIGURE = /^[+-]?(?:\d+[.,]\d+\s*(?:mm|in|"|N|lbf)?|\d+\s*(?:mm|in|"|N|lbf))$/i

/** Is it a figure, and no code? */
export const isFigure = (text: string): boolean => FIGURE.test(text.trim())

/** A figure came while no field had the focus. @returns whether anything on the screen asks for one */
export function offerFigure(text: string): boolean {
  if (asked.length === 0 || !isFigure(text)) return false
  offered = text.trim()
  tell()
  return true
}

/** Takes the figure for one of the questions, or for none. */
export function answerWith(question: Question | undefined): void {
  if (offered !== undefined) question?.take(offered)
  offered = undefined
  tell()
}

/** Says that the card asks for this figure, for as long as it does. */
export function useQuestion(label: string, take: (text: string) => void): void {
  const steady = useSteady(take)
  useEffect(() => {
    const question = { label, take: steady }
    asked = [...asked, question]
    tell()
    return () => {
      asked = asked.filter((one) => one !== question)
      // what it would have been put into is gone
      if (asked.length === 0) offered = undefined
      tell()
    }
  }, [label, steady])
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** The figure that waits for its question, if any does. */
export const useOffered = (): string | undefined =>
  useSyncExternalStore(
    subscribe,
    () => offered,
    () => undefined,
  )

const NONE: readonly Question[] = []

/** The figures that the screen asks for. */
export const useOpenQuestions = (): readonly Question[] =>
  useSyncExternalStore(
    subscribe,
    () => asked,
    () => NONE,
  )
