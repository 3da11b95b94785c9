import { expect, test } from 'vitest'

/** Everything that a screen says: one module a component. */
const modules = import.meta.glob<Readonly<Record<string, unknown>>>('./**/*.ts', { eager: true })

type Say = (...args: readonly unknown[]) => unknown
interface Saying {
  readonly where: string
  readonly say: unknown
}

/** The entries of a table of words, also of tables within it. */
const sayings = (where: string, table: unknown): readonly Saying[] =>
  typeof table === 'object' && table !== null
    ? Object.entries(table).flatMap(([key, value]) => sayings(`${where}.${key}`, value))
    : [{ where, say: table }]

const all = Object.entries(modules)
  .filter(([file]) => !file.includes('.test.'))
  .flatMap(([file, exports]) => Object.entries(exports).flatMap(([name, table]) => sayings(`${file} ${name}`, table)))

const fixed = all.flatMap(({ where, say }) => (typeof say === 'string' ? [{ where, text: say }] : []))
const told = all.flatMap(({ where, say }) => (typeof say === 'function' ? [{ where, say: say as Say }] : []))

test('every component’s words are found', () => {
  expect(fixed.length).toBeGreaterThan(1000)
  expect(told.length).toBeGreaterThan(250)
})

/** What is wrong with how a sentence is set, whatever it says. */
function settingFaults(text: string): readonly string[] {
  const faults: string[] = []
  // three and more are how a paper sets its foot apart
  if (/(?<! ) {2}(?! )/.test(text)) faults.push('two spaces')
  if (/\w'\w/.test(text)) faults.push('a straight apostrophe')
  if (/\s[.,;:](?:\s|$)/.test(text)) faults.push('a space before a mark')
  if (text.includes('...')) faults.push('three dots for …')
  return faults
}

test('sentences are set as a printer would', () => {
  expect(
    fixed.flatMap(({ where, text }) => settingFaults(text).map((fault) => `${where}: ${fault} in “${text}”`)),
  ).toEqual([])
})

/** Values that a sentence might be given, tried until it can be said: names, figures, what is and is not. */
const given: readonly (readonly unknown[])[] = [
  Array.from({ length: 8 }, (_, i) => `X${String(i)}`),
  [2, 3, 4, 5, 6, 7, 8, 9],
  [1, 1, 1, 1, 1, 1, 1, 1],
  ['X0', 2, 3, 4, 5, 6, 7, 8],
  ['X0', 'X1', 2, 3, 4, 5, 6, 7],
  [2, 'X1', 'X2', 'X3', 'X4', 'X5', 'X6', 'X7'],
  [true, 'X1', 'X2', 'X3', 2, 3, 4, 5],
  [false, 'X1', 'X2', 'X3', 2, 3, 4, 5],
]

/** What a sentence says of these values; nothing where it does not take them. */
function said(say: Say, args: readonly unknown[]): string | undefined {
  try {
    const text = say(...args.slice(0, say.length))
    return typeof text === 'string' ? text : undefined
  } catch {
    return undefined
  }
}

test('words that take values say them apart from what stands around them', () => {
  const faults = told.flatMap(({ where, say }) =>
    given.flatMap((args) => {
      const text = said(say, args)
      if (text === undefined) return []
      // a name that runs into the word behind it is a space that was lost
      const joined = /X\d(?=[a-z]{3})/.test(text) && !/X\d(?:ths?|mm)\b/.test(text) ? ['a name runs into a word'] : []
      return [...settingFaults(text), ...joined].map((fault) => `${where}: ${fault} in “${text}”`)
    }),
  )
  expect([...new Set(faults)]).toEqual([])
})

test('each sentence that takes values can be said', () => {
  const mute = told.filter(({ say }) => given.every((args) => said(say, args) === undefined)).map(({ where }) => where)
  // some take a record of the trade rather than names and figures; they are few, and have tests of their own
  expect(mute.length).toBeLessThan(told.length / 20)
})
