/** The answer of `POST /api/v1/pinout/preview`. */
export interface Preview {
  readonly rows: readonly {
    readonly row: number
    readonly cells: Readonly<Record<string, string>>
    readonly read: boolean
  }[]
  readonly ends: readonly {
    readonly id: string
    readonly housing?: string
    readonly from: string
    readonly wires: number
  }[]
  readonly faults: readonly {
    readonly row?: number
    readonly column?: string
    readonly found?: string
    readonly message: string
  }[]
  /** how figures were read that could be read in two ways */
  readonly understood: readonly string[]
  readonly ignored: readonly string[]
  readonly valid: boolean
}
