import { expect, test } from 'vitest'
import { releaseMechanisms } from '../../parts/catalogue/releaseMechanisms'
import { OUT_MM } from './contactScene'
import { insertScene } from './insertScene'
import { releaseScene } from './releaseScene'

const mechanisms = Object.values(releaseMechanisms).filter((one) => one.id !== 'none')

test('nine mechanisms, each complete: a way in, a way out, what can break', () => {
  expect(mechanisms.map((one) => one.id).sort()).toEqual([
    'barbs',
    'clamp',
    'comb',
    'finger',
    'neck',
    'rear-sleeve',
    'side-tang',
    'stud',
    'window-lance',
  ])
  for (const one of mechanisms) {
    expect([one.act.length > 0, one.harms.length > 0, one.insert.length > 0], one.id).toEqual([true, true, true])
    expect(one.toolBy === 'none' || one.tool !== 'none', one.id).toBe(true)
  }
})

test.each(mechanisms.map((one) => [one.id, one] as const))(
  '%s: nothing moves before what holds it lets go, and in the end it is out',
  (_id, mechanism) => {
    const scene = releaseScene(mechanism)
    for (const [step] of scene.steps.entries()) {
      for (let share = 0; share <= 1; share += 0.05) {
        const moment = scene.at(step, share)
        // out by more than the play in its cavity: only when it is free, and with the tool where it acts
        if (moment.contactMm > 0.2 && moment.contactMm < OUT_MM) {
          expect(moment.free).toBe(1)
          // a screw or nut that was turned back stays so
          if (mechanism.tool !== 'none' && mechanism.id !== 'stud') expect(moment.tool).toBe(1)
          if (mechanism.before.includes('open-lock')) expect(moment.cover).toBe(1)
          if (mechanism.before.includes('lift-mat')) expect(moment.mat).toBe(1)
        }
        if (moment.free > 0 && mechanism.tool !== 'none' && mechanism.id !== 'barbs' && !mechanism.tightens)
          expect(moment.tool).toBeGreaterThan(0)
      }
      // one step runs into the next without a jump
      expect(scene.at(step, 1)).toEqual(step + 1 < scene.steps.length ? scene.at(step + 1, 0) : scene.at(step, 1))
    }
    expect(scene.at(scene.steps.length - 1, 1).contactMm).toBe(OUT_MM)
  },
)

test('the wire is pushed in before it is let go, where something hooks behind the contact', () => {
  for (const id of ['finger', 'window-lance', 'rear-sleeve', 'side-tang'] as const) {
    const scene = releaseScene(releaseMechanisms[id])
    const push = scene.steps.indexOf('push-wire-in')
    expect(scene.at(push, 1).contactMm).toBeLessThan(0)
    expect(scene.at(push, 1).free).toBe(0)
  }
})

test('what was pressed flat is brought back before the contact is used again', () => {
  for (const id of ['barbs', 'window-lance', 'side-tang'] as const) {
    const scene = releaseScene(releaseMechanisms[id])
    expect(scene.at(scene.steps.length - 1, 1).restored).toBe(1)
  }
})

test.each(mechanisms.map((one) => [one.id, one] as const))(
  '%s: going in, it never turns back, nothing holds it before it is there, and the tug does not move it',
  (_id, mechanism) => {
    const scene = insertScene(mechanism)
    expect(scene.steps.length).toBe(mechanism.insert.length + (mechanism.tugMeans === 'when-in' ? 1 : 0))
    let before = Infinity
    for (const [step, name] of scene.steps.entries()) {
      for (let share = 0; share <= 1; share += 0.05) {
        const moment = scene.at(step, share)
        expect(moment.cover).toBe(1)
        if (name === 'tug') expect([moment.contactMm <= 0.25, moment.free]).toEqual([true, 0])
        else {
          expect(moment.contactMm).toBeLessThanOrEqual(before + 1e-9)
          before = moment.contactMm
          // what snaps behind it is spread only while it passes
          if (moment.contactMm > 10.41 && !mechanism.tightens) expect(moment.free).toBe(0)
          if (moment.contactMm > 1 && moment.contactMm < 9) expect([moment.free, moment.restored]).toEqual([1, 0])
        }
        if (mechanism.insertTool && moment.contactMm > 0 && moment.contactMm < 18 && name !== 'tug')
          expect(moment.tool).toBe(1)
      }
    }
    const end = scene.at(scene.steps.length - 1, 1)
    expect([end.contactMm, end.free, end.tool]).toEqual([0, 0, 0])
  },
)
