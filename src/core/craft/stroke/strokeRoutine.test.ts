import { expect, test } from 'vitest'
import { toolClassIds } from '../../parts/catalogue/schema/tool'
import { toolClasses, type ToolClass } from '../../parts/catalogue/toolClasses'
import { isSleeve, type Contact, type SleeveContact } from '../../parts/catalogue/types'
import { demoShelf } from '../../parts/catalogue/demoShelf.testing'
import { holdsOn, strokeAt, strokeBegins, strokeMoves, strokeRoutine } from './strokeRoutine'

const shelf = [...demoShelf().contacts.values()]
const first = (ok: (contact: Contact) => boolean): Contact => {
  const found = shelf.find(ok)
  if (!found) throw new Error('the demo shelf has no such contact')
  return found
}
const machinedContact = first(({ construction }) => construction === 'closed-barrel')
const stampedContact = first((one) => one.construction === 'open-barrel' && one.tabMm === undefined)
const onStrip = first((one) => one.construction === 'open-barrel' && one.tabMm !== undefined)
const sleeveContact = (shape: SleeveContact['shape'], shrinks = false): Contact => ({
  ...(first((contact) => isSleeve(contact) && contact.shape === shape) as SleeveContact),
  shrinks,
})

const ids = (of: ToolClass, contact: Contact, hasWireStop = false) =>
  strokeRoutine(of, contact, hasWireStop).map(({ id }) => id)

test.each([
  ['four-indent-positioned', machinedContact, false, 'into-positioner wire-bottoms squeeze-until-free'],
  ['four-indent-plain', machinedContact, false, 'held-at-mark close-until-touching wire-bottoms squeeze-until-free'],
  ['parallel-die', stampedContact, true, 'wings-up-in-locator close-until-held wire-to-stop squeeze-until-free'],
  ['parallel-die', stampedContact, false, 'wings-up-in-locator close-until-held wire-to-edge squeeze-until-free'],
  ['nest-ratchet', stampedContact, false, 'wings-up-in-nest close-until-held wire-to-edge squeeze-until-free'],
  ['notch-pliers', stampedContact, false, 'wings-in-notch wire-to-edge squeeze-conductor squeeze-insulation'],
  ['plain-pliers', stampedContact, false, 'wire-to-edge fold-one-wing fold-other-wing fold-insulation'],
  ['ferrule-square', sleeveContact('ferrule'), false, 'ferrule-on-wire ferrule-in-jaw squeeze-until-free'],
  ['sleeve-nest', sleeveContact('ring'), false, 'barrel-in-nest close-until-held wire-shows squeeze-until-free'],
  [
    'sleeve-nest',
    sleeveContact('butt', true),
    false,
    'barrel-in-nest close-until-held wire-meets-stop squeeze-until-free shrink-sleeve',
  ],
  ['notch-pliers', sleeveContact('blade'), false, 'barrel-in-nest wire-shows squeeze-conductor'],
] as const)('%s: the hands do it in this order', (of, contact, hasWireStop, lines) => {
  expect(ids(of, contact, hasWireStop).join(' ')).toBe(lines)
})

test('one that comes on a strip is broken off first; the strip is there before and gone after', () => {
  for (const of of ['parallel-die', 'plain-pliers'] as const)
    expect(ids(of, onStrip)).toEqual(['off-strip', ...ids(of, stampedContact)])
  const lines = strokeRoutine('parallel-die', onStrip, false)
  expect([0, 0.5, 1].map((share) => strokeAt(lines, 0, share).onStrip)).toEqual([1, 0.5, 0])
  expect(strokeAt(lines, 1, 0).onStrip).toBe(0)
  expect(strokeAt(strokeRoutine('parallel-die', stampedContact, false), 0, 0).onStrip).toBe(0)
  // a tool that does not crimp has no stroke, on a strip or off it
  expect(ids('stripper', onStrip)).toEqual([])
})

test('every tool that crimps has a stroke, and no other tool', () => {
  for (const of of toolClassIds) expect([of, ids(of, stampedContact).length > 0]).toEqual([of, toolClasses[of].crimps])
})

test('a stroke ends with the contact in, the wire home and the jaws closed; nothing goes back on the way', () => {
  for (const of of toolClassIds.filter((one) => toolClasses[one].crimps)) {
    const lines = strokeRoutine(of, stampedContact, true)
    expect(lines.at(-1)?.ends).toMatchObject({ contactIn: 1, wireIn: 1, closed: 1 })
    let before = strokeBegins
    for (const { ends } of lines) {
      for (const key of ['contactIn', 'closed', 'wireIn', 'warm'] as const)
        expect(ends[key]).toBeGreaterThanOrEqual(before[key])
      before = ends
    }
  }
})

test('only a machined barrel’s bottom answers a look before anything is closed', () => {
  const answered = (of: ToolClass, contact: Contact) =>
    strokeRoutine(of, contact, true).flatMap(({ look }) => look ?? [])
  expect(answered('four-indent-positioned', machinedContact)).toEqual(['bottomed-hard'])
  expect(answered('parallel-die', stampedContact)).toEqual([])
})

test('pliers let go at any time, a ratchet only at its end', () => {
  expect(toolClassIds.filter(holdsOn)).toEqual([
    'four-indent-positioned',
    'four-indent-plain',
    'parallel-die',
    'nest-ratchet',
    'ferrule-square',
    'sleeve-nest',
  ])
})

test('between two lines the scene is on its way; a second pair of wings is taken with open jaws', () => {
  const die = strokeRoutine('parallel-die', stampedContact, true)
  expect(strokeAt(die, 2, 0.5)).toMatchObject({ contactIn: 1, wireIn: 0.5, over: 'all' })
  const pliers = strokeRoutine('notch-pliers', stampedContact, false)
  expect(strokeAt(pliers, 2, 0).closed).toBe(0)
  expect(strokeAt(pliers, 3, 0)).toMatchObject({ closed: 0, over: 'insulation' })
  expect(strokeAt(pliers, 3, 1)).toMatchObject({ closed: 1, over: 'insulation' })
})

test('a picture points at what moves', () => {
  const moves = (of: ToolClass, contact: Contact) =>
    strokeRoutine(of, contact, true).map((_, i, lines) => strokeMoves(lines, i))
  expect(moves('parallel-die', stampedContact)).toEqual(['contact', 'jaws', 'wire', 'jaws'])
  expect(moves('notch-pliers', stampedContact)).toEqual(['contact', 'wire', 'jaws', 'jaws'])
  expect(moves('ferrule-square', sleeveContact('ferrule'))).toEqual(['wire', 'contact', 'jaws'])
  expect(moves('sleeve-nest', sleeveContact('butt', true)).at(-1)).toBe('warm')
})
