import { expect, test } from 'vitest'
import { emptyPackage } from '@/core/parts/catalogue/packageLists'
import { demoShelfInput } from '@/core/parts/catalogue/demoShelf.testing'
import { writeYaml } from '@/formats/yaml'
import { checkPackage, packageStages, type PackageStage } from './checkPackage'

const shelf = demoShelfInput()
const bisque = shelf.families.find((family) => family.id === 'bisque')
if (!bisque) throw new Error('bisque')
const yaml = (change: object) => writeYaml({ ...emptyPackage, families: [bisque], tools: shelf.tools, ...change })

const stages: PackageStage[] = []

/** What a reader is told of a package for an empty shelf. */
function told(text: string): readonly string[] {
  stages.length = 0
  const checked = checkPackage(new TextEncoder().encode(text), emptyPackage, (stage) => stages.push(stage))
  return checked.ok ? [] : checked.faults
}

test('a package that is whole is told nothing', () => {
  expect(told(yaml({}))).toEqual([])
  expect(stages).toEqual(packageStages)
})

test.each<[string, string, RegExp]>([
  ['a newer schema', yaml({ version: 2 }), /^version: /],
  ['another format', yaml({ format: 'somebody/else' }), /^format: /],
  ['a field that nobody knows', yaml({ colour: 'red' }), /fields that are not known: colour/],
  [
    'a negative dimension',
    yaml({ families: [{ ...bisque, sizes: [{ ...bisque.sizes[0], boreMm: -1.7 }] }] }),
    /^families\.0\.sizes\.0\.boreMm: /,
  ],
  [
    'overlapping cavities',
    yaml({
      families: [
        {
          ...bisque,
          housings: [
            {
              ...bisque.housings[1],
              cavities: undefined,
              arrangement: { kind: 'rows', rowCounts: [3], pitchMm: 1, rowPitchMm: 1 },
            },
          ],
        },
      ],
    }),
    /cavities 1 and 2 overlap: 1 mm apart, their bores need 1\.75 mm/,
  ],
  [
    'a missing reference',
    yaml({ families: [{ ...bisque, housings: bisque.housings.map((one) => ({ ...one, lock: 'NOPE' })) }] }),
    /lock names NOPE, which is not there/,
  ],
  ['a part twice', yaml({ families: [bisque, { ...bisque, id: 'bisque-2' }] }), /stands twice/],
  [
    'rows that contradict each other',
    yaml({
      placards: [
        {
          id: 'P',
          tool: 'PF-10',
          source: { document: 'card' },
          rows: [
            { contact: 'BQ-SK-T', conductor: { minMm2: 0.1, maxMm2: 0.2 }, die: 'D3' },
            { contact: 'BQ-SK-T', conductor: { minMm2: 0.15, maxMm2: 0.3 }, die: 'D4' },
          ],
        },
      ],
    }),
    /rows 1 and 2 both are for BQ-SK-T .* differ in die/,
  ],
  ['YAML that is none', 'families: [', /./],
  ['a text', 'hello', /./],
  ['nothing', '', /./],
  ['an alias that names itself', 'a: &x\n  b: *x\n', /./],
])('%s is refused, with where and why', (_what, text, words) => {
  const faults = told(text)
  expect(faults.length).toBeGreaterThan(0)
  expect(faults.join('\n')).toMatch(words)
})

test('aliases that blow up are refused at once', () => {
  const bomb = [
    'a0: &a0 [x,x,x,x,x,x,x,x,x]',
    ...Array.from(
      { length: 9 },
      (_, i) =>
        `a${String(i + 1)}: &a${String(i + 1)} [${Array.from({ length: 9 }, () => `*a${String(i)}`).join(',')}]`,
    ),
  ].join('\n')
  expect(told(bomb)[0]).toMatch(/alias/i)
})
