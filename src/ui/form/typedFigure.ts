/** A figure above 0 as it was typed, with a comma or a point; undefined where it is none. */
export function typedFigure(text: string): number | undefined {
  const value = Number(text.trim().replace(',', '.'))
  return text.trim() !== '' && value > 0 && Number.isFinite(value) ? value : undefined
}
