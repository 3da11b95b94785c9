const characters = new Intl.Segmenter('en', { granularity: 'grapheme' })

/** The beginning of a text, at most so many UTF-16 units, never in the middle of what a reader sees as one character. */
export function cutText(text: string, atMost: number): string {
  if (text.length <= atMost) return text
  let cut = ''
  for (const { segment } of characters.segment(text)) {
    if (cut.length + segment.length > atMost) break
    cut += segment
  }
  return cut
}
