/** Why an instrument gave no figure. The words stand elsewhere; no fault ever becomes a figure. */
export type DeviceFault =
  | { readonly code: 'no-address' }
  | { readonly code: 'unreachable'; readonly host: string; readonly port: number }
  | { readonly code: 'timeout'; readonly asked: string; readonly afterMs: number }
  /** the link broke before the line was whole */
  | { readonly code: 'broken-off'; readonly asked: string; readonly got: string }
  | { readonly code: 'rubbish'; readonly asked: string; readonly got: string }
  | {
      readonly code: 'out-of-range'
      readonly value: number
      readonly min: number
      readonly max: number
      readonly unit: string
    }
  | { readonly code: 'wrong-unit'; readonly got: string; readonly expected: string }
  /** what the instrument itself says by SYST:ERR? */
  | { readonly code: 'refused'; readonly asked: string; readonly number: number; readonly text: string }
  | { readonly code: 'other-instrument'; readonly got: string; readonly expected: string }
  | { readonly code: 'stopped' }
