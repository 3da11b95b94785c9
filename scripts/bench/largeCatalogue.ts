import { buildCatalogue, type Catalogue } from '../../src/core/parts/catalogue/catalogue'
import type { CatalogueInput } from '../../src/core/parts/catalogue/types'
import { demoShelfInput } from '../../src/core/parts/catalogue/demoShelf.testing'

/** A package of many contacts and seals: families like Slipware, each with a hundred contacts and ten seals. */
export function largePackage(contacts: number): CatalogueInput {
  const demo = demoShelfInput()
  const model = demo.families.find((family) => family.id === 'slipware')
  const [contact] = model?.contacts ?? []
  const [seal] = model?.seals ?? []
  if (!model || !contact || !seal) throw new Error('demo catalogue')
  const perFamily = 100
  const families: CatalogueInput['families'] = []
  const rows: CatalogueInput['placards'][number]['rows'] = []
  for (let f = 0; f < contacts / perFamily; f++) {
    families.push({
      ...model,
      id: `fam-${f}`,
      parts: [],
      sizes: model.sizes.map(({ plug: _plug, ...size }) => size),
      housings: model.housings
        .filter((housing) => housing.id === 'SW-7P')
        .map(({ lock: _lock, interfaceSeal: _seal, mates: _mates, ...housing }) => ({
          ...housing,
          id: `H-${f}`,
          aliases: [],
        })),
      contacts: Array.from({ length: perFamily }, (_, i) => ({
        ...contact,
        id: `C-${f}-${i}`,
        aliases: [],
        conductor: { minMm2: 0.1 + (i % 20) * 0.1, maxMm2: 0.4 + (i % 20) * 0.1 },
      })),
      seals: Array.from({ length: perFamily / 10 }, (_, i) => ({
        ...seal,
        id: `S-${f}-${i}`,
        insulation: { minMm: 1 + i * 0.2, maxMm: 1.25 + i * 0.2 },
      })),
    })
    for (let i = 0; i < perFamily; i++)
      rows.push({ contact: `C-${f}-${i}`, conductor: { minMm2: 0.1, maxMm2: 3 }, die: `X${i % 6}`, wireStopMm: 3.8 })
  }
  const placards = [{ id: 'dies', tool: 'PF-10', rows, source: { document: 'generated', basis: 'sheet' as const } }]
  return { ...demo, families, placards, packs: [] }
}

/** The same, indexed. */
export function largeCatalogue(contacts: number): Catalogue {
  const built = buildCatalogue(largePackage(contacts))
  if (!built.ok) throw new Error(JSON.stringify(built.fault[0]))
  return built.value
}
