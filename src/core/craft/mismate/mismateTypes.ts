/** What one contact carries: a supply by its name, a return, a signal, or nothing. */
export type Carried =
  | { readonly kind: 'supply'; readonly name: string }
  | { readonly kind: 'return' }
  | { readonly kind: 'signal' }
  | { readonly kind: 'none' }

/** What may happen where two contacts meet that should not, the worst first. */
export const harms = ['supply-return', 'supply-supply', 'supply-signal', 'none'] as const
export type Harm = (typeof harms)[number]

/** How two halves can be joined wrongly. */
export const mismateWays = ['turned', 'shifted', 'mirrored'] as const
export type MismateWay = (typeof mismateWays)[number]

/** A half, as its rows of pins stand on its face. A keyed one goes in one way only. */
export interface MismateHalf {
  readonly rows: readonly (readonly string[])[]
  readonly keyed: boolean
}

export interface MismateInput {
  readonly a: MismateHalf
  readonly b: MismateHalf
  /** by pin; a pin that is left out carries nothing */
  readonly signals: { readonly A: Readonly<Record<string, Carried>>; readonly B: Readonly<Record<string, Carried>> }
  /** left out: all that the keys let happen */
  readonly ways?: readonly MismateWay[] | undefined
}

export interface Meeting {
  readonly a: string
  readonly b: string
  readonly harm: Harm
}

export interface WrongMating {
  readonly how: MismateWay
  /** contacts that meet; those that meet nothing are left out */
  readonly meets: readonly Meeting[]
  readonly worst: Harm
}

export interface Mismate {
  readonly ways: readonly WrongMating[]
  /** what each pin carries so that no way does harm; left out where none does already, or where there is none */
  readonly assignment?: { readonly A: Readonly<Record<string, Carried>>; readonly B: Readonly<Record<string, Carried>> }
  /** every assignment does harm in some way */
  readonly proof?: 'none-exists'
}

export type MismateFault = { readonly kind: 'unknown-pin'; readonly half: 'A' | 'B'; readonly pin: string }
