/** Why a PIN did not do; the words stand elsewhere. */
export type PinSaid =
  | { readonly kind: 'wrong'; readonly triesLeft: number }
  /** until this time of day at the bench */
  | { readonly kind: 'locked'; readonly until: string }
  | { readonly kind: 'none' }
  | { readonly kind: 'asked' }
  | { readonly kind: 'unfit' }
  | { readonly kind: 'not-lead' }
