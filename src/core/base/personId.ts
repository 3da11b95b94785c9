/** Ids that are nobody's: a script writes under one of them. */
const TAKEN: ReadonlySet<string> = new Set(['api'])

/**
 * An id for a person of the bench, made of the name as it is said: short, in letters that every file and address can hold, and
 * nobody else's.
 */
export function personId(name: string, known: ReadonlySet<string>): string {
  const [first = ''] = name
    .normalize('NFKD')
    .replaceAll(/\p{Mark}/gu, '')
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
  const stem = first === '' ? 'person' : first.slice(0, 24)
  const isFree = (id: string) => !known.has(id) && !TAKEN.has(id) && !(id in {})
  if (isFree(stem)) return stem
  for (let n = 2; ; n++) if (isFree(`${stem}-${n}`)) return `${stem}-${n}`
}
