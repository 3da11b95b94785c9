import { expect, test } from 'vitest'
import { watchHearer } from './watchHearer'

interface Line {
  readonly events?: readonly object[]
  readonly ongoing?: readonly object[]
}

/** What is said of readings a thousand times a second. */
function heard(ohmAt: (ms: number) => number | undefined, wholeMs: number): readonly Line[] {
  const lines: Line[] = []
  const hearer = watchHearer([{ wire: 'W1', limitOhm: 1 }], (line) => lines.push(line as Line))
  hearer.begin(1000, 'stand-in')
  for (let ms = 0; ms <= wholeMs; ms++) hearer.sample(ms / 1000, [ohmAt(ms)])
  return lines
}

test('an interruption is told once, when it has ended', () => {
  const lines = heard((ms) => (ms >= 20 && ms < 25 ? undefined : 0.1), 300)
  expect(lines.flatMap(({ events }) => events ?? [])).toMatchObject([{ wire: 'W1', atS: 0.02, lengthMs: 5 }])
  expect(lines.at(-1)).not.toHaveProperty('ongoing')
})

/** Lines come once in a twentieth of a second: the last of 0.3 s is that of the reading after 0.25. */
test('a wire that is open all the time has not ended anything, and every line says so', () => {
  const lines = heard(() => undefined, 300).slice(1)
  expect(lines.flatMap(({ events }) => events ?? [])).toEqual([])
  expect(lines.map(({ ongoing }) => ongoing?.length)).toEqual(lines.map(() => 1))
  expect(lines.at(-1)?.ongoing).toMatchObject([{ wire: 'W1', atS: 0, lengthMs: 252 }])
})
