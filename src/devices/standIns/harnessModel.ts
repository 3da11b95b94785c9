/** How often a loose joint opens, times a second, by how it is moved. */
const OPENS_HZ = { there: 0.7, near: 0.3, all: 0.15 }
/** An interruption lasts about so long; lengths are spread over a decade either way. */
const SHORTEST_MS = 3
const DECADES = 1.3
/** Share of the interruptions that open it wholly; the others only raise its resistance. */
const WHOLLY = 0.6
const RAISED_OHM = 0.4

interface Loose {
  readonly from: string
  readonly to: string
  /** `1/W3/b bend`: the contact, and the movement that finds it */
  readonly at: string
  openUntilS: number
  raisesOhm: number | undefined
}

/** The harness that lies on the stand-in: joints with their resistance, and those of them that open when they are moved. */
export class HarnessModel {
  /** what is moved now: `none`, `all`, or a contact and a movement */
  moved = 'none'
  readonly #joints = new Map<string, Map<string, number>>()
  #loose: Loose[] = []
  #known = new Map<string, ReadonlyMap<string, number>>()
  readonly #chance: () => number

  constructor(chance: () => number) {
    this.#chance = chance
  }

  clear(): void {
    this.#joints.clear()
    this.#known.clear()
    this.#loose = []
    this.moved = 'none'
  }

  /** `1,2=0.05;2,3=0.1`; false where that is no joint. */
  join(said: string): boolean {
    this.#known.clear()
    return said
      .split(';')
      .filter((one) => one.trim() !== '')
      .every((pair) => {
        const [from = '', to = '', ohm = ''] = pair.split(/[,=:]/).map((part) => part.trim())
        if (from === '' || to === '' || ohm === '' || !(Number(ohm) >= 0)) return false
        for (const [one, other] of [
          [from, to],
          [to, from],
        ] as const) {
          const row = this.#joints.get(one) ?? new Map<string, number>()
          row.set(other, Number(ohm))
          this.#joints.set(one, row)
        }
        return true
      })
  }

  /** `1,2=1/W3/b bend` */
  loosen(said: string): boolean {
    const [points = '', at = ''] = said.split('=')
    const [from = '', to = ''] = points.split(',').map((part) => part.trim())
    if (from === '' || to === '' || at === '') return false
    this.#loose.push({ from, to, at: at.trim(), openUntilS: 0, raisesOhm: undefined })
    return true
  }

  /** Between two points at rest; undefined where nothing joins them. */
  ohm(from: string, to: string): number | undefined {
    return this.#from(from).get(to)
  }

  /** Between two points while the harness is moved: what is loose opens by chance. */
  watched(from: string, to: string, s: number, stepS: number): number | undefined {
    const ohm = this.ohm(from, to)
    const loose = this.#loose.find(
      (one) => (one.from === from && one.to === to) || (one.from === to && one.to === from),
    )
    if (!loose || ohm === undefined) return ohm
    if (s >= loose.openUntilS) {
      if (this.#chance() >= this.#opensHz(loose) * stepS) return ohm
      const lengthMs = SHORTEST_MS * 10 ** (this.#chance() * DECADES)
      loose.openUntilS = s + lengthMs / 1000
      loose.raisesOhm = this.#chance() < WHOLLY ? undefined : RAISED_OHM * (1 + 9 * this.#chance())
    }
    return loose.raisesOhm === undefined ? undefined : ohm + loose.raisesOhm
  }

  #opensHz({ at }: Loose): number {
    if (this.moved === 'all') return OPENS_HZ.all
    if (this.moved === at) return OPENS_HZ.there
    const contactOf = (place: string) => place.split(' ')[0]
    return contactOf(this.moved) === contactOf(at) ? OPENS_HZ.near : 0
  }

  /** Along the joints: the least resistance from a point to each that hangs together with it. */
  #from(point: string): ReadonlyMap<string, number> {
    const known = this.#known.get(point)
    if (known) return known
    const far = new Map([[point, 0]])
    const open = new Set([point])
    while (open.size > 0) {
      const [next = ''] = [...open].sort((a, b) => (far.get(a) ?? 0) - (far.get(b) ?? 0))
      open.delete(next)
      for (const [to, ohm] of this.#joints.get(next) ?? []) {
        const sum = (far.get(next) ?? 0) + ohm
        if (sum >= (far.get(to) ?? Infinity)) continue
        far.set(to, sum)
        open.add(to)
      }
    }
    far.delete(point)
    this.#known.set(point, far)
    return far
  }
}
