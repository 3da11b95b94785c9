/** What hands do wrong, and what breaks. */
export const mistakeKinds = [
  'swap',
  'rotation',
  'mirror',
  'shift',
  'row-restart',
  'open',
  'short',
  'doubled',
  'high-resistance',
] as const
export type MistakeKind = (typeof mistakeKinds)[number]

/** A half of a connector, as its rows of pins stand on its face, and as they are numbered. */
export interface DiagnosedEnd {
  readonly id: string
  readonly rows: readonly (readonly string[])[]
}

/** A point of a harness: `A.7`. */
export type Point = string

/** A reading between two points, leads off. */
export interface PairReading {
  readonly pair: readonly [Point, Point]
  readonly ohm: number
  readonly expectedOhm: number
  /** judged too high already, by who knows its contacts */
  readonly isHigh?: true | undefined
}

export interface DiagnosisInput {
  readonly ends: readonly DiagnosedEnd[]
  /** points that belong together; a point that is in none stays empty */
  readonly expected: readonly (readonly Point[])[]
  /** points that were found together; a point that is in none was found alone */
  readonly measured: readonly (readonly Point[])[]
  readonly resistances?: readonly PairReading[] | undefined
  /** what nets should read that nobody has read: two points of each */
  readonly expectedOhms?: readonly Pick<PairReading, 'pair' | 'expectedOhm'>[] | undefined
}

/** Where a mistake may be: what stands in those pins of that end is not what belongs there. */
export interface MistakePlace {
  readonly end: string
  readonly kind: MistakeKind
  readonly pins: readonly Point[]
  /** contents that stand elsewhere: what belongs in `from` stands in `to` */
  readonly moved: readonly { readonly from: Point; readonly to: Point }[]
}

export interface Mistake {
  readonly kind: MistakeKind
  /** the places that would explain it alike; one where the measurement can tell, several where it cannot */
  readonly places: readonly MistakePlace[]
  /** all points that it is about */
  readonly pins: readonly Point[]
}

/** The one measurement that tells two places of a mistake apart: which net's wire lies between the points, by the place. */
export interface Deciding {
  /** of `mistakes` */
  readonly mistake: number
  readonly pair: readonly [Point, Point]
  /** by the end at which it would have been made: a point of the net whose wire is measured then */
  readonly ifAt: readonly { readonly end: string; readonly wireOf: Point }[]
}

export interface Diagnosis {
  /** together they explain everything that was measured: what nothing else explains has parted or touches */
  readonly mistakes: readonly Mistake[]
  readonly deciding?: Deciding | undefined
}

export type DiagnosisFault =
  | { readonly kind: 'unknown-point'; readonly where: 'expected' | 'measured' | 'resistances'; readonly point: Point }
  | { readonly kind: 'point-twice'; readonly point: Point }
  /** a resistance between points that were found apart */
  | { readonly kind: 'reading-contradicts'; readonly pair: readonly [Point, Point] }
