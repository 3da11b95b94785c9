/** One moment of a contact going in or out, seen from the side: shares from 0 to 1, and the contact's way in mm (toward the wire). */
export interface SceneMoment {
  /** cover, gate, cap, wedge or comb: 0 closed, 1 open */
  readonly cover: number
  /** the mat at the rear, lifted */
  readonly mat: number
  /** the tool: 0 away, 1 where it acts */
  readonly tool: number
  /** what holds the contact: 0 holds, 1 lets go */
  readonly free: number
  /** the contact: below 0 pushed in, above 0 on its way out */
  readonly contactMm: number
  /** lance, barbs or tang brought back to what they were */
  readonly restored: number
}

/** Out of the cavity altogether. */
export const OUT_MM = 20

/** Seated, covers closed, no tool near. */
export const seatedMoment: SceneMoment = { cover: 0, mat: 0, tool: 0, free: 0, contactMm: 0, restored: 0 }

/** What goes on at one cavity as it runs: its steps, each with the moment in which it ends. */
export interface ContactScene<Step extends string> {
  readonly steps: readonly Step[]
  /** the moment at a share of one step, 0 as it begins and 1 as it ends */
  readonly at: (step: number, share: number) => SceneMoment
}

/**
 * A scene from what each step changes, one part after the other.
 * @param changesOf what a step brings about, in its order
 */
export function contactScene<Step extends string>(
  steps: readonly Step[],
  start: SceneMoment,
  changesOf: (step: Step) => readonly Partial<SceneMoment>[],
): ContactScene<Step> {
  const keys: (readonly SceneMoment[])[] = []
  let now = start
  for (const step of steps) {
    const frames = [now]
    for (const change of changesOf(step)) {
      now = { ...now, ...change }
      frames.push(now)
    }
    keys.push(frames)
  }
  return {
    steps,
    at: (step, share) => {
      const frames = keys[Math.min(step, keys.length - 1)] ?? [start]
      const along = Math.min(1, Math.max(0, share)) * (frames.length - 1)
      const from = frames[Math.floor(along)] ?? start
      return mix(from, frames[Math.floor(along) + 1] ?? from, ease(along - Math.floor(along)))
    },
  }
}

/** Slow at both ends, as a hand moves. */
const ease = (t: number) => t * t * (3 - 2 * t)

function mix(one: SceneMoment, other: SceneMoment, t: number): SceneMoment {
  const between = (key: keyof SceneMoment) => one[key] + (other[key] - one[key]) * t
  return {
    cover: between('cover'),
    mat: between('mat'),
    tool: between('tool'),
    free: between('free'),
    contactMm: between('contactMm'),
    restored: between('restored'),
  }
}
