/** Something that can be found by name, id or scan. */
export interface FindItem {
  readonly id: string
  readonly kind: string
  readonly words: string
  /** more words that find it, lower case */
  readonly also?: string
  readonly href: string
}

/** Items that hold every word of a question; those that begin with it first. */
export function findMatches(items: readonly FindItem[], question: string, limit = 12): readonly FindItem[] {
  const words = question.trim().toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return items.slice(0, limit)
  const [first = ''] = words
  const found: FindItem[] = []
  const begins: FindItem[] = []
  for (const item of items) {
    const text = `${item.id} ${item.words} ${item.kind} ${item.also ?? ''}`.toLowerCase()
    if (!words.every((word) => text.includes(word))) continue
    ;(item.id.toLowerCase().startsWith(first) ? begins : found).push(item)
    if (begins.length >= limit) break
  }
  return [...begins, ...found].slice(0, limit)
}
