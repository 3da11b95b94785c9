import type { KitGroup } from './kitProblem'

/**
 * A good choice at once: always the setup that serves the most terminations that are still without one, then within the
 * chosen setups the parts that are used already. Never the answer, but where the solver begins.
 * @returns for each group, by its place, which of its options
 */
export function greedyChoice(groups: readonly KitGroup[]): readonly number[] {
  const chosen = new Set<string>()
  const open = new Set(groups.keys())
  const bySetup = new Map<string, Set<number>>()
  groups.forEach((group, g) => {
    for (const { setup } of group.options) bySetup.set(setup, (bySetup.get(setup) ?? new Set()).add(g))
  })
  while (open.size > 0) {
    let best: string | undefined
    let most = 0
    for (const [setup, serves] of bySetup) {
      let weight = 0
      for (const g of serves) if (open.has(g)) weight += groups[g]?.sides.length ?? 0
      if (weight > most || (weight === most && weight > 0 && best !== undefined && setup < best))
        [best, most] = [setup, weight]
    }
    if (best === undefined) break
    chosen.add(best)
    for (const g of bySetup.get(best) ?? []) open.delete(g)
  }
  for (const setup of [...chosen]) {
    const needed = groups.some(
      (group) =>
        group.options.some((option) => option.setup === setup) &&
        !group.options.some((option) => option.setup !== setup && chosen.has(option.setup)),
    )
    if (!needed) chosen.delete(setup)
  }
  const parts = new Set<string>()
  return groups.map((group) => {
    let best = -1
    let fewest = Infinity
    group.options.forEach((option, i) => {
      if (!chosen.has(option.setup)) return
      const fresh = option.parts.filter((part) => !parts.has(part)).length + Math.min(1, (option.price ?? 0) / 1e6)
      if (fresh < fewest) [best, fewest] = [i, fresh]
    })
    const at = Math.max(0, best)
    for (const part of group.options[at]?.parts ?? []) parts.add(part)
    return at
  })
}
