/** A browser's storage; `full` keeps nothing more. */
export function browserStorage(full = false): Pick<Storage, 'getItem' | 'setItem'> {
  const kept = new Map<string, string>()
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => {
      if (full) throw new Error('QuotaExceededError')
      kept.set(key, value)
    },
  }
}
