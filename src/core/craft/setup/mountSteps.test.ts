import { expect, test } from 'vitest'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { mountStepWords } from '@/words/mount'
import { mountSteps, type MountStepCode } from './mountSteps'
import type { Setup, SetupField } from './setup'
import type { ToolClass } from '../../parts/catalogue/toolClasses'

const shelf = demoShelf()
const contact = (id: string) => shelf.contacts.get(id)
const ring = [...shelf.contacts.values()].find((one) => one.construction === 'sleeve' && one.shape === 'ring')
if (ring?.construction !== 'sleeve' || !ring.barrel) throw new Error('ring')
const seamed = (seam: 'none' | 'indent-away' | 'indent-on', shrinks = false) =>
  ({ ...ring, shrinks, barrel: { ...ring.barrel, seam } }) as typeof ring

test.each<[string, ToolClass, Setup, ReturnType<typeof contact>, MountStepCode[]]>([
  [
    'a frame with positioner and selector',
    'four-indent-positioned',
    { tool: 'QF-5', positioner: 'QP-2', selector: 7 },
    contact('CM-SK-N'),
    ['positioner-latched', 'selector-seated', 'opens-fully'],
  ],
  [
    'a frame with a turret: its door is shut',
    'four-indent-positioned',
    { tool: 'QF-7', turret: 3, selector: 5 },
    contact('CM-SK-N'),
    ['door-shut', 'selector-seated', 'opens-fully'],
  ],
  [
    'without positioner the contact is held by hand',
    'four-indent-plain',
    { tool: 'QF-1', selector: 4 },
    contact('CM-SK-N'),
    ['depth-by-gauge', 'hold-by-hand', 'opens-fully'],
  ],
  [
    'dies',
    'parallel-die',
    { tool: 'PF-10', die: 'D3' },
    contact('SC-03-08'),
    ['die-upper-lower', 'locator-square', 'forms-clean', 'opens-fully'],
  ],
  [
    'nests, the lance clear',
    'nest-ratchet',
    { tool: 'NH-5', nest: '1.5' },
    contact('SC-03-08'),
    ['wide-side', 'front-flush', 'lance-clear', 'opens-fully'],
  ],
  [
    'nests, no lance on a ring',
    'nest-ratchet',
    { tool: 'NH-5', nest: '1.5' },
    seamed('none'),
    ['wide-side', 'front-flush', 'opens-fully'],
  ],
  [
    'a sleeve with its seam away, shrunk after',
    'sleeve-nest',
    { tool: 'RT-4' },
    seamed('indent-away', true),
    ['colour-nest', 'seam-away', 'shrink-after', 'opens-fully'],
  ],
  [
    'a sleeve indented on its seam',
    'sleeve-nest',
    { tool: 'RT-4' },
    seamed('indent-on'),
    ['colour-nest', 'seam-on', 'opens-fully'],
  ],
  ['pliers have no ratchet', 'plain-pliers', { tool: 'P' }, contact('SC-03-08'), ['no-ratchet', 'two-strokes']],
])('%s', (_what, toolClass, setup, piece, steps) => {
  expect(mountSteps({ class: toolClass }, setup, piece)).toEqual(steps)
  for (const step of steps) expect(mountStepWords[step].line.length).toBeGreaterThan(8)
})

test('a nest that no card names is tried before all else; one that a card names, or a tool without nests, is not', () => {
  const steps = (setup: Setup, isEstimate: boolean) =>
    mountSteps({ class: 'nest-ratchet' }, setup, contact('SC-03-08'), isEstimate)
  expect(steps({ tool: 'NH-5', nest: '1.5' }, true)[0]).toBe('snug-nest')
  expect(steps({ tool: 'NH-5', nest: '1.5' }, false)).not.toContain('snug-nest')
  expect(steps({ tool: 'NH-5' }, true)).not.toContain('snug-nest')
})

test.each<[string, readonly SetupField[], MountStepCode[]]>([
  [
    'another frame is looked at whole',
    ['tool', 'die', 'notchMm'],
    ['die-upper-lower', 'locator-square', 'forms-clean', 'opens-fully'],
  ],
  [
    'another die in the frame that is in hand',
    ['die'],
    ['die-upper-lower', 'locator-square', 'forms-clean', 'opens-fully'],
  ],
  ['another wire stop', ['wireStopMm', 'notchMm'], ['locator-square']],
  ['another notch of the stripper: nothing of the tool', ['notchMm'], []],
])('%s', (_what, changed, steps) => {
  const setup = { tool: 'PF-10', die: 'D3', wireStopMm: 4 }
  expect(mountSteps({ class: 'parallel-die' }, setup, contact('SC-03-08'), false, new Set(changed))).toEqual(steps)
})

test('what a contact asks for is looked at whatever has changed: the one before it may have asked for nothing', () => {
  const setup = { tool: 'RT-8', nest: '1' }
  expect(mountSteps({ class: 'sleeve-nest' }, setup, seamed('indent-away', true), false, new Set(['notchMm']))).toEqual(
    ['seam-away', 'shrink-after'],
  )
})
