import type { ColourCode } from '../../base/wire/colour'

/** Colour bands as digits, by IEC 60062. */
export const bandColours = [
  { digit: 0, name: 'black', code: 'BK' },
  { digit: 1, name: 'brown', code: 'BN' },
  { digit: 2, name: 'red', code: 'RD' },
  { digit: 3, name: 'orange', code: 'OG' },
  { digit: 4, name: 'yellow', code: 'YE' },
  { digit: 5, name: 'green', code: 'GN' },
  { digit: 6, name: 'blue', code: 'BU' },
  { digit: 7, name: 'violet', code: 'VT' },
  { digit: 8, name: 'grey', code: 'GY' },
  { digit: 9, name: 'white', code: 'WH' },
] as const satisfies readonly { readonly digit: number; readonly name: string; readonly code: ColourCode }[]

export type BandColour = (typeof bandColours)[number]

const spellings: ReadonlyMap<string, BandColour> = new Map(
  bandColours.flatMap(
    (band) =>
      [
        [band.name, band],
        [band.code.toLowerCase(), band],
        ...(band.name === 'grey'
          ? [['gray', band] as const]
          : band.name === 'violet'
            ? [['purple', band] as const]
            : []),
      ] as const,
  ),
)

/** A band by its name or its IEC letters, whatever the case; undefined for a colour that is no digit. */
export const parseBand = (text: string): BandColour | undefined => spellings.get(text.trim().toLowerCase())

/** The bin code that bands spell, read in their order: white, violet, green is 975. */
export const binOfBands = (bands: readonly BandColour[]): string => bands.map((band) => band.digit).join('')

/** The bands that a bin code is marked with. */
export const bandsOfBin = (bin: string): readonly BandColour[] =>
  Array.from(bin).flatMap((digit) => bandColours[Number(digit)] ?? [])

export interface BandReading<T> {
  readonly bin: string
  /** read as given, or from the other end */
  readonly from: 'given' | 'other-end'
  readonly contacts: readonly T[]
}

/**
 * What bands may mean: as they were read, and from the other end, since a contact in the hand has no first end.
 * A palindrome is read once. Readings that name a contact come first.
 */
export function readBands<T extends { readonly bin?: string | undefined }>(
  bands: readonly BandColour[],
  contacts: Iterable<T>,
): readonly BandReading<T>[] {
  const given = binOfBands(bands)
  const turned = binOfBands([...bands].reverse())
  const all = [...contacts]
  const reading = (bin: string, from: BandReading<T>['from']): BandReading<T> => ({
    bin,
    from,
    contacts: all.filter((contact) => contact.bin === bin),
  })
  const readings =
    given === turned ? [reading(given, 'given')] : [reading(given, 'given'), reading(turned, 'other-end')]
  return readings.sort((a, b) => Number(b.contacts.length > 0) - Number(a.contacts.length > 0))
}
