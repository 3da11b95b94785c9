/** Letters of the hash that stand on a sheet: as many as a hand types and no chance meets. */
const LETTERS = 16

/** What tells a printed sheet again: the entry that it was made as of, and the beginning of that entry's hash, which covers all before it. */
export const recordCode = (seq: number, hash: string): string => `${String(seq)}-${hash.slice(0, LETTERS)}`

/** A code as it was typed or scanned; undefined where it is none. */
export function readRecordCode(said: string): { readonly seq: number; readonly letters: string } | undefined {
  const match = /^\s*(\d{1,9})\s*-\s*([0-9a-f]{16})\s*$/i.exec(said)
  return match ? { seq: Number(match[1]), letters: (match[2] ?? '').toLowerCase() } : undefined
}
