import type { WireSide } from './plan'

/** Where a wire's side ends, as tables show it and people type it: `A.7`, a terminal's part number, `splice S1`, `with W03a`, `open`. */
export function writePlace(at: WireSide): string {
  switch (at.kind) {
    case 'cavity':
      return `${at.end}.${at.cavity}`
    case 'terminal':
      return at.part
    case 'splice':
      return `splice ${at.splice}`
    case 'with':
      return `with ${at.wire}${at.side}`
    case 'open':
      return 'open'
  }
}
