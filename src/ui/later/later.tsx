'use client'
import { type ComponentType, createElement, type ReactNode } from 'react'
import { LoadFault } from './LoadFault'
import { useBeside } from './useBeside'

/**
 * A part of a screen that is fetched when the screen stands, or when it is wanted. One that cannot be fetched says so, and is
 * asked for again by a button.
 * @param load a function that stays the same; parts of one file share it
 * @param part which of what it gives
 * @param waiting what stands there meanwhile
 */
export function later<Module, Props extends object>(
  load: () => Promise<Module>,
  part: (module: Module) => ComponentType<Props>,
  waiting: ReactNode = null,
): ComponentType<Props> {
  return function Later(props: Props) {
    const { value, failed, again } = useBeside(load)
    if (failed) return <LoadFault again={again} />
    return value === undefined ? waiting : createElement(part(value), props)
  }
}
