import type { EntryKindId } from './entry'
import type { EntryKind } from './entryKind'
import { noted, reopened, signed, trayCounted } from './kinds/closeKinds'
import { crimped, crimpRejected } from './kinds/crimpKinds'
import { planChanged, setsChosen } from './kinds/planKinds'
import { endDamaged, lacingMoved, pairMated } from './kinds/endKinds'
import { damageReported, seatFaulted, seatOrderSet, takenOver } from './kinds/reworkKinds'
import { stripMended, stripped, wireCut, wireScrapped } from './kinds/prepKinds'
import { leadsMeasured, netMeasured, netProbed } from './kinds/proveKinds'
import {
  endLookedOver,
  extracted,
  lockMoved,
  misplaced,
  partFitted,
  plugged,
  seated,
  unplugged,
} from './kinds/seatKinds'
import {
  firstPiece,
  photoTaken,
  pullSampled,
  releaseEnded,
  setupAdjusted,
  setupMounted,
  setupReleased,
  toolVerified,
} from './kinds/setupKinds'

/** Every kind of entry but the taking back, which is about another entry and is the fold's own. */
export const entryKinds: { readonly [Kind in Exclude<EntryKindId, 'taken-back'>]: EntryKind<Kind> } = {
  'plan-changed': planChanged,
  'sets-chosen': setsChosen,
  'wire-cut': wireCut,
  'wire-scrapped': wireScrapped,
  stripped,
  'strip-mended': stripMended,
  'setup-mounted': setupMounted,
  'first-piece': firstPiece,
  'setup-released': setupReleased,
  'pull-sampled': pullSampled,
  'setup-adjusted': setupAdjusted,
  'release-ended': releaseEnded,
  'tool-verified': toolVerified,
  'photo-taken': photoTaken,
  crimped,
  'crimp-rejected': crimpRejected,
  seated,
  misplaced,
  extracted,
  'seat-faulted': seatFaulted,
  'taken-over': takenOver,
  'seat-order-set': seatOrderSet,
  'damage-reported': damageReported,
  'end-damaged': endDamaged,
  'lacing-moved': lacingMoved,
  plugged,
  unplugged,
  'part-fitted': partFitted,
  'lock-moved': lockMoved,
  'end-looked-over': endLookedOver,
  'pair-mated': pairMated,
  'leads-measured': leadsMeasured,
  'net-probed': netProbed,
  'net-measured': netMeasured,
  'tray-counted': trayCounted,
  signed,
  reopened,
  noted,
}
