import type { KitGroup, KitOption, KitProblem } from './kitProblem'

/** Repeatable chance: a small generator, so that a benchmark is the same each time. */
export function chance(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

const option = (setup: string, parts: readonly string[], price: number): KitOption => ({
  setup,
  parts,
  price,
  set: {
    contact: parts[0] ?? '',
    setup: { tool: setup },
    strip: { minMm: 1, nominalMm: 1, maxMm: 1, limits: { below: 'hole-empty', above: 'gap-too-large' } },
    stripFrom: 'sheet',
    source: '',
    estimate: false,
  },
})

/**
 * A job like a real one: terminations come in groups of like ones, each family has a few contacts, a contact is served by
 * one to three settings that lie close together on a frame, and neighbouring wire sizes share a setting.
 */
export function realisticProblem(terminations: number, groupCount: number, seed: number): KitProblem {
  const random = chance(seed)
  const pick = (count: number) => Math.floor(random() * count)
  const families = Math.max(3, Math.round(groupCount / 6))
  const groups: KitGroup[] = []
  let left = terminations
  for (let g = 0; g < groupCount; g++) {
    const size =
      g === groupCount - 1
        ? left
        : Math.max(
            1,
            Math.min(left - (groupCount - g - 1), Math.round((terminations / groupCount) * (0.4 + random() * 1.4))),
          )
    left -= size
    const family = pick(families)
    const gauge = pick(5)
    const options: KitOption[] = []
    for (let contact = 0; contact < 2 + pick(4); contact++) {
      for (let tool = 0; tool < 1 + pick(2); tool++) {
        for (const selector of random() < 0.5 ? [gauge] : [gauge, gauge + 1]) {
          const seal = random() < 0.4 ? [`seal ${String(family)}.${String(Math.floor(gauge / 2))}`] : []
          options.push(
            option(
              `frame ${String(tool)} family ${String(family)} at ${String(selector)}`,
              [`contact ${String(family)}.${String(contact)}`, ...seal],
              Math.round((0.1 + random()) * 100) / 100,
            ),
          )
        }
      }
    }
    groups.push({
      id: `g${String(g)}`,
      sides: Array.from({ length: size }, (_, i) => ({ wire: `W${String(g)}-${String(i)}`, side: 'a' as const })),
      options,
    })
  }
  return { groups, blocked: [], quantity: 1 }
}

/** A job without any structure: every termination for itself, with options by chance. Hard to prove, and no real job. */
export function randomProblem(terminations: number, setups: number, seed: number): KitProblem {
  const random = chance(seed)
  const pick = (count: number) => Math.floor(random() * count)
  const groups = Array.from({ length: terminations }, (_, g): KitGroup => ({
    id: `g${String(g)}`,
    sides: [{ wire: `W${String(g)}`, side: 'a' }],
    options: Array.from({ length: 3 + pick(4) }, () =>
      option(
        `setup ${String(pick(setups))}`,
        [`contact ${String(pick(setups * 2))}`],
        Math.round(random() * 100) / 100,
      ),
    ),
  }))
  return { groups, blocked: [], quantity: 1 }
}
