import { completeRules } from '../../parts/rules/houseRules'
import type { Catalogue } from '../../parts/catalogue/catalogue'
import { type FigureChange, figureChanges } from '../../parts/catalogue/comparePackages'
import type { Facts } from './facts'

/** A fact that the job pinned and that the shelf says otherwise today, or has no more. */
export interface OlderFact {
  readonly kind: 'family' | 'housing' | 'contact' | 'seal' | 'part' | 'wire-type' | 'tool' | 'rules'
  readonly id: string
  readonly change: 'changed' | 'gone'
  readonly differences: readonly FigureChange[]
}

/** What may change of a tool without any job resting on it: where it lies, what it costs, how often it was verified before. */
const besideTheJob = ['ownMark', 'liesIn', 'price', 'history'] as const

const ofJob = <T extends Facts['tools'][string]>(tools: Iterable<readonly [string, T]>): Map<string, T> =>
  new Map(
    [...tools].map(([id, tool]) => [
      id,
      Object.fromEntries(Object.entries(tool).filter(([key]) => !besideTheJob.some((one) => one === key))) as T,
    ]),
  )

/** Where a job's pinned facts differ from the shelf as it is. The job keeps its own until somebody takes the shelf's. */
export function olderFacts(facts: Facts, catalogue: Catalogue): readonly OlderFact[] {
  const compare = <T extends object>(
    kind: OlderFact['kind'],
    pinned: Readonly<Record<string, T>>,
    shelf: ReadonlyMap<string, T>,
  ): OlderFact[] =>
    Object.entries(pinned).flatMap(([id, fact]): OlderFact[] => {
      const now = shelf.get(id)
      if (!now) return [{ kind, id, change: 'gone', differences: [] }]
      const differences = figureChanges(fact, now)
      return differences.length > 0 ? [{ kind, id, change: 'changed', differences }] : []
    })
  return [
    ...compare('family', facts.families, catalogue.families),
    ...compare('housing', facts.housings, catalogue.housings as ReadonlyMap<string, Facts['housings'][string]>),
    ...compare('contact', facts.contacts, catalogue.contacts as ReadonlyMap<string, Facts['contacts'][string]>),
    ...compare('seal', facts.seals, catalogue.seals),
    ...compare('part', facts.parts, catalogue.parts),
    ...compare('wire-type', facts.wireTypes, catalogue.wireTypes),
    ...compare('tool', Object.fromEntries(ofJob(Object.entries(facts.tools))), ofJob(catalogue.tools)),
    ...compare(
      'rules',
      Object.fromEntries(Object.entries(facts.rules ?? {}).map(([id, rules]) => [id, completeRules(rules)])),
      catalogue.rules,
    ),
  ]
}

/** The shelf's present copies of everything that the job has pinned; what is gone from the shelf stays as it was. */
export function freshFacts(facts: Facts, catalogue: Catalogue): Facts {
  const fresh = <T>(pinned: Readonly<Record<string, T>>, shelf: ReadonlyMap<string, unknown>): Record<string, T> =>
    Object.fromEntries(Object.entries(pinned).map(([id, fact]) => [id, (shelf.get(id) as T | undefined) ?? fact]))
  return {
    families: fresh(facts.families, catalogue.families),
    housings: fresh(facts.housings, catalogue.housings),
    contacts: fresh(facts.contacts, catalogue.contacts),
    seals: fresh(facts.seals, catalogue.seals),
    parts: fresh(facts.parts, catalogue.parts),
    wireTypes: fresh(facts.wireTypes, catalogue.wireTypes),
    tools: fresh(facts.tools, catalogue.tools),
    ...(facts.rules && { rules: fresh(facts.rules, catalogue.rules) }),
  }
}
