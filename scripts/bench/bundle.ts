import { packBundle } from '../../src/core/craft/bundle/bundle'
import { line } from './measure'

/** Bundles against the best known packings of equal circles (rim in units of a circle's radius), and how long they take. */
const BEST: Readonly<Record<number, number>> = {
  2: 2,
  3: 2.1547,
  4: 2.4142,
  5: 2.7013,
  7: 3,
  8: 3.3048,
  9: 3.6131,
  10: 3.813,
  11: 3.9238,
  12: 4.0296,
  13: 4.2361,
  14: 4.3284,
  15: 4.5214,
  16: 4.6154,
  17: 4.792,
  19: 4.8637,
  20: 5.1223,
  37: 6.7588,
  61: 8.6613,
}
for (const [count, rim] of Object.entries(BEST)) {
  const from = performance.now()
  const { diameterMm } = packBundle(Array.from({ length: Number(count) }, () => 2))
  line(
    `${count} equal wires: ${(diameterMm / 2).toFixed(4)}, best known ${String(rim)}, ratio ${(diameterMm / 2 / rim).toFixed(4)}`,
    performance.now() - from,
  )
}
const mixed = Array.from({ length: 60 }, (_, i) => [1.2, 1.6, 1.9, 2.4, 3.1][(i * 7) % 5] ?? 1)
const from = performance.now()
const { diameterMm } = packBundle(mixed)
const fill = mixed.reduce((sum, d) => sum + d * d, 0) / diameterMm ** 2
line(`60 mixed wires: ${diameterMm.toFixed(2)} mm, ${(fill * 100).toFixed(1)} % filled`, performance.now() - from)
