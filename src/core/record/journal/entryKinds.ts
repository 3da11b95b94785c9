import type { EntryKindId } from './entry'
import type { EntryKind } from './entryKind'
import { apartProbed } from './kinds/apartProbed'
import { throughProbed } from './kinds/throughProbed'
import { bundleMade } from './kinds/bundleMade'
import { lengthFound } from './kinds/lengthFound'
import { shellSecured } from './kinds/shellSecured'
import { torqueRested } from './kinds/torqueRested'
import { cameWith } from './kinds/cameWith'
import { contactHeld } from './kinds/contactHeld'
import { crimpRejected } from './kinds/crimpRejected'
import { crimped } from './kinds/crimped'
import { damageReported } from './kinds/damageReported'
import { endDamaged } from './kinds/endDamaged'
import { endLookedOver } from './kinds/endLookedOver'
import { extracted } from './kinds/extracted'
import { firstPiece } from './kinds/firstPiece'
import { harnessAnalysed } from './kinds/harnessAnalysed'
import { harnessMoved } from './kinds/harnessMoved'
import { lacingMoved } from './kinds/lacingMoved'
import { leadsMeasured } from './kinds/leadsMeasured'
import { lockMoved } from './kinds/lockMoved'
import { misplaced } from './kinds/misplaced'
import { nestFound } from './kinds/nestFound'
import { netMeasured } from './kinds/netMeasured'
import { netProbed } from './kinds/netProbed'
import { noted } from './kinds/noted'
import { pairMated } from './kinds/pairMated'
import { pairParted } from './kinds/pairParted'
import { partFitted } from './kinds/partFitted'
import { photoMeasured } from './kinds/photoMeasured'
import { photoTaken } from './kinds/photoTaken'
import { planChanged } from './kinds/planChanged'
import { plugged } from './kinds/plugged'
import { pullSampled } from './kinds/pullSampled'
import { releaseEnded } from './kinds/releaseEnded'
import { reopened } from './kinds/reopened'
import { seatFaulted } from './kinds/seatFaulted'
import { seatOrderSet } from './kinds/seatOrderSet'
import { seated } from './kinds/seated'
import { setsChosen } from './kinds/setsChosen'
import { setupAdjusted } from './kinds/setupAdjusted'
import { setupMounted } from './kinds/setupMounted'
import { setupReleased } from './kinds/setupReleased'
import { signed } from './kinds/signed'
import { stripMended } from './kinds/stripMended'
import { stripped } from './kinds/stripped'
import { suspectCleared } from './kinds/suspectCleared'
import { takenOver } from './kinds/takenOver'
import { toolSuspected } from './kinds/toolSuspected'
import { toolVerified } from './kinds/toolVerified'
import { trayCounted } from './kinds/trayCounted'
import { unplugged } from './kinds/unplugged'
import { wireCut } from './kinds/wireCut'
import { wireScrapped } from './kinds/wireScrapped'

/** Every kind of entry but the taking back, which is about another entry and is the fold's own. */
export const entryKinds: { readonly [Kind in Exclude<EntryKindId, 'taken-back'>]: EntryKind<Kind> } = {
  'plan-changed': planChanged,
  'sets-chosen': setsChosen,
  'wire-cut': wireCut,
  'wire-scrapped': wireScrapped,
  stripped: stripped,
  'strip-mended': stripMended,
  'setup-mounted': setupMounted,
  'nest-found': nestFound,
  'first-piece': firstPiece,
  'setup-released': setupReleased,
  'pull-sampled': pullSampled,
  'setup-adjusted': setupAdjusted,
  'release-ended': releaseEnded,
  'tool-verified': toolVerified,
  'tool-suspected': toolSuspected,
  'suspect-cleared': suspectCleared,
  'photo-taken': photoTaken,
  'photo-measured': photoMeasured,
  crimped: crimped,
  'crimp-rejected': crimpRejected,
  seated: seated,
  misplaced: misplaced,
  extracted: extracted,
  'seat-faulted': seatFaulted,
  'damage-reported': damageReported,
  'seat-order-set': seatOrderSet,
  'taken-over': takenOver,
  'came-with': cameWith,
  plugged: plugged,
  unplugged: unplugged,
  'part-fitted': partFitted,
  'lock-moved': lockMoved,
  'end-damaged': endDamaged,
  'lacing-moved': lacingMoved,
  'end-looked-over': endLookedOver,
  'pair-mated': pairMated,
  'pair-parted': pairParted,
  'leads-measured': leadsMeasured,
  'net-probed': netProbed,
  'net-measured': netMeasured,
  'apart-probed': apartProbed,
  'through-probed': throughProbed,
  'contact-held': contactHeld,
  'harness-analysed': harnessAnalysed,
  'harness-moved': harnessMoved,
  'bundle-made': bundleMade,
  'length-found': lengthFound,
  'shell-secured': shellSecured,
  'torque-rested': torqueRested,
  'tray-counted': trayCounted,
  signed: signed,
  reopened: reopened,
  noted: noted,
}
