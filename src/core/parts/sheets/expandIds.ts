/** Most ids that one row of a sheet may stand for. */
const MOST = 1000

/** `A8`, its letters before the figure and the figure itself. */
const numbered = (text: string) => {
  const match = /^([A-Za-z]{0,4})(\d{1,4})$/.exec(text)
  return match ? { before: match[1] ?? '', number: Number(match[2]) } : undefined
}

/** All from one to the other, either way: `8–12`, `12–8`, `A1–A4`, `A–D`. Undefined for what is no range. */
function rangeOf(from: string, to: string): readonly string[] | undefined {
  const [low, high] = [numbered(from), numbered(to)]
  const [first, last] =
    low && high && (low.before === high.before || high.before === '')
      ? [low.number, high.number]
      : /^[A-Z]$/.test(from) && /^[A-Z]$/.test(to)
        ? [from.charCodeAt(0), to.charCodeAt(0)]
        : []
  if (first === undefined || last === undefined) return undefined
  const count = Math.abs(last - first) + 1
  if (count > MOST) return undefined
  return Array.from({ length: count }, (_, i) => {
    const at = first + Math.sign(last - first) * i
    return low ? `${low.before}${String(at)}` : String.fromCharCode(at)
  })
}

/**
 * Ids of cavities as a row of a sheet gives them: one by one with spaces or commas between, or as ranges such as `8 – 12`.
 * What is no range is an id as it stands.
 */
export function expandIds(text: string): readonly string[] {
  return text
    .replace(/\s*(?:–|—|\.\.+|…|\bto\b)\s*/g, '–')
    .replace(/(\w)\s*-\s*(?=\w)/g, '$1–')
    .split(/[\s,;]+/)
    .filter(Boolean)
    .flatMap((word) => {
      const [from = '', to, ...more] = word.split('–')
      return (to !== undefined && more.length === 0 ? rangeOf(from, to) : undefined) ?? [word]
    })
}

/** The ids of a row as shortly as they can be said, so that they come back the same. */
export function shortIds(ids: readonly string[]): string {
  const [first, last] = [ids[0], ids.at(-1)]
  if (ids.length > 2 && first !== undefined && last !== undefined) {
    const short = `${first}–${last}`
    const again = expandIds(short)
    if (again.length === ids.length && again.every((id, i) => id === ids[i])) return short
  }
  return ids.join(' ')
}
