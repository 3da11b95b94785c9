import { emptyPackage, itemKinds, packageLists } from './packageLists'
import type { CatalogueInput } from './types'

/** Several packages as one. */
export const joinPackages = (packages: readonly CatalogueInput[]): CatalogueInput =>
  packages.reduce(
    (all, one) => ({
      ...all,
      ...Object.fromEntries(
        itemKinds.map((kind) => [packageLists[kind], [...all[packageLists[kind]], ...one[packageLists[kind]]]]),
      ),
    }),
    emptyPackage,
  )
