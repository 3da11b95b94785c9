/** What an action gives a screen: a value, or a sentence that says why not. */
export type Outcome<T = undefined> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string }
