/** An opening of a nest tool, of pliers or of a stripper, and what is printed beside it. */
export interface Opening {
  readonly mm: number
  readonly mark: string
}

/** Openings in their order, each by what is printed beside it; one without a print goes by its width, as a card names it. */
export const openingsOf = (
  widthsMm: readonly number[] = [],
  marks: readonly (string | undefined)[] = [],
): readonly Opening[] => widthsMm.map((mm, i) => ({ mm, mark: marks[i] ?? mm.toFixed(1) }))
