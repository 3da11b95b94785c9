/** What is made of an object that is never changed in place: made once, kept as long as the object. */
export function remembered<From extends object, To>(make: (from: From) => To): (from: From) => To {
  const known = new WeakMap<From, { readonly to: To }>()
  return (from) => {
    const before = known.get(from)
    if (before) return before.to
    const to = make(from)
    known.set(from, { to })
    return to
  }
}
