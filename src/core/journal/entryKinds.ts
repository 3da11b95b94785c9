import type { EntryKindId } from './entry'
import type { EntryKind } from './entryKind'
import { noted, reopened, signed, trayCounted } from './kinds/closeKinds'
import { crimped, crimpRejected, firstPiece, setupMounted, setupReleased } from './kinds/crimpKinds'
import { planChanged, setsChosen } from './kinds/planKinds'
import { stripMended, stripped, wireCut } from './kinds/prepKinds'
import { leadsMeasured, netMeasured, netProbed } from './kinds/proveKinds'
import { endLookedOver, extracted, lockMoved, misplaced, partFitted, plugged, seated, unplugged } from './kinds/seatKinds'

/** Every kind of entry but the taking back, which is about another entry and is the fold's own. */
export const entryKinds: { readonly [Kind in Exclude<EntryKindId, 'taken-back'>]: EntryKind<Kind> } = {
  'plan-changed': planChanged,
  'sets-chosen': setsChosen,
  'wire-cut': wireCut,
  stripped,
  'strip-mended': stripMended,
  'setup-mounted': setupMounted,
  'first-piece': firstPiece,
  'setup-released': setupReleased,
  crimped,
  'crimp-rejected': crimpRejected,
  seated,
  misplaced,
  extracted,
  plugged,
  unplugged,
  'part-fitted': partFitted,
  'lock-moved': lockMoved,
  'end-looked-over': endLookedOver,
  'leads-measured': leadsMeasured,
  'net-probed': netProbed,
  'net-measured': netMeasured,
  'tray-counted': trayCounted,
  signed,
  reopened,
  noted,
}
