/** Why an instrument gave no figure. The words stand elsewhere; no fault ever becomes a figure. */
export type DeviceFault =
  | { readonly kind: 'no-address' }
  | { readonly kind: 'unreachable'; readonly host: string; readonly port: number }
  | { readonly kind: 'timeout'; readonly asked: string; readonly afterMs: number }
  /** the link broke before the line was whole */
  | { readonly kind: 'broken-off'; readonly asked: string; readonly got: string }
  | { readonly kind: 'rubbish'; readonly asked: string; readonly got: string }
  | {
      readonly kind: 'out-of-range'
      readonly value: number
      readonly min: number
      readonly max: number
      readonly unit: string
    }
  | { readonly kind: 'wrong-unit'; readonly got: string; readonly expected: string }
  /** what the instrument itself says by SYST:ERR? */
  | { readonly kind: 'refused'; readonly asked: string; readonly number: number; readonly text: string }
  | { readonly kind: 'other-instrument'; readonly got: string; readonly expected: string }
  | { readonly kind: 'stopped' }
