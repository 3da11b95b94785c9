import { expect, test } from 'vitest'
import { type GridActions, runGridKey } from './gridKeys'

/** What a key does, as a line; undefined when it does nothing here. */
function pressed(key: string, held: { ctrl?: boolean; shift?: boolean; alt?: boolean } = {}): string | undefined {
  let said: string | undefined
  const say =
    (name: string) =>
    (...args: readonly unknown[]) => {
      said = [name, ...args].join(' ')
    }
  const names = ['step', 'all', 'add', 'change', 'type', 'clear', 'remove', 'fill', 'redo'] as const
  const actions = Object.fromEntries(names.map((name) => [name, say(name)])) as unknown as GridActions
  const event = {
    key,
    ctrlKey: held.ctrl ?? false,
    metaKey: false,
    shiftKey: held.shift ?? false,
    altKey: held.alt ?? false,
  }
  const done = runGridKey(event as Parameters<typeof runGridKey>[0], actions)
  expect(done).toBe(said !== undefined)
  return said
}

test.each<[string, Parameters<typeof pressed>[1], string | undefined]>([
  ['ArrowDown', {}, 'step 1 0 false true'],
  ['ArrowLeft', { shift: true }, 'step 0 -1 true true'],
  ['ArrowUp', { ctrl: true }, 'step -1000000 0 false true'],
  ['PageDown', {}, 'step 12 0 false true'],
  ['Home', { ctrl: true }, 'step -1000000 -1000000 false true'],
  // the end is the last row, not the empty one below
  ['End', { ctrl: true, shift: true }, 'step 1000000 1000000 true false'],
  ['Enter', {}, 'change'],
  ['F2', {}, 'change'],
  ['Enter', { ctrl: true }, 'add'],
  ['Delete', {}, 'clear'],
  ['Delete', { ctrl: true }, 'remove'],
  ['D', { ctrl: true }, 'fill'],
  ['a', { ctrl: true }, 'all'],
  ['z', { ctrl: true, shift: true }, 'redo'],
  ['W', {}, 'type W'],
  ['ß', {}, 'type ß'],
  ['w', { alt: true }, undefined],
  ['k', { ctrl: true }, undefined],
  ['Escape', {}, undefined],
  ['Tab', {}, undefined],
])('%s with %j does %s', (key, held, does) => {
  expect(pressed(key, held)).toBe(does)
})
