import type { CatalogueInput } from './types'

/** The parts of a package that are kept, compared and exchanged as documents of their own, and the list that each stands in. */
export const packageLists = {
  family: 'families',
  'wire-type': 'wireTypes',
  cable: 'cables',
  tool: 'tools',
  placard: 'placards',
  pack: 'packs',
  rules: 'rules',
} as const satisfies Record<string, keyof CatalogueInput>

export type ItemKind = keyof typeof packageLists
export const itemKinds = Object.keys(packageLists) as readonly ItemKind[]

/** Larger packages are no catalogue of a workshop. */
export const PACKAGE_LIMIT_MB = 32

/** A package with nothing in it. */
export const emptyPackage: CatalogueInput = {
  format: 'urn-bench/catalogue',
  version: 1,
  families: [],
  wireTypes: [],
  cables: [],
  tools: [],
  placards: [],
  packs: [],
  rules: [],
}
