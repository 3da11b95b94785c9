import { apartProbedShape } from './kinds/apartProbed'
import { throughProbedShape } from './kinds/throughProbed'
import { bundleMadeShape } from './kinds/bundleMade'
import { lengthFoundShape } from './kinds/lengthFound'
import { shellSecuredShape } from './kinds/shellSecured'
import { torqueRestedShape } from './kinds/torqueRested'
import { cameWithShape } from './kinds/cameWith'
import { contactHeldShape } from './kinds/contactHeld'
import { crimpRejectedShape } from './kinds/crimpRejected'
import { crimpedShape } from './kinds/crimped'
import { damageReportedShape } from './kinds/damageReported'
import { endDamagedShape } from './kinds/endDamaged'
import { endLookedOverShape } from './kinds/endLookedOver'
import { extractedShape } from './kinds/extracted'
import { firstPieceShape } from './kinds/firstPiece'
import { harnessAnalysedShape } from './kinds/harnessAnalysed'
import { harnessMovedShape } from './kinds/harnessMoved'
import { lacingMovedShape } from './kinds/lacingMoved'
import { leadsMeasuredShape } from './kinds/leadsMeasured'
import { lockMovedShape } from './kinds/lockMoved'
import { misplacedShape } from './kinds/misplaced'
import { nestFoundShape } from './kinds/nestFound'
import { netMeasuredShape } from './kinds/netMeasured'
import { netProbedShape } from './kinds/netProbed'
import { notedShape } from './kinds/noted'
import { pairMatedShape } from './kinds/pairMated'
import { pairPartedShape } from './kinds/pairParted'
import { partFittedShape } from './kinds/partFitted'
import { photoMeasuredShape } from './kinds/photoMeasured'
import { photoTakenShape } from './kinds/photoTaken'
import { planChangedShape } from './kinds/planChanged'
import { pluggedShape } from './kinds/plugged'
import { pullSampledShape } from './kinds/pullSampled'
import { releaseEndedShape } from './kinds/releaseEnded'
import { reopenedShape } from './kinds/reopened'
import { seatFaultedShape } from './kinds/seatFaulted'
import { seatOrderSetShape } from './kinds/seatOrderSet'
import { seatedShape } from './kinds/seated'
import { setsChosenShape } from './kinds/setsChosen'
import { setupAdjustedShape } from './kinds/setupAdjusted'
import { setupMountedShape } from './kinds/setupMounted'
import { setupReleasedShape } from './kinds/setupReleased'
import { signedShape } from './kinds/signed'
import { stripMendedShape } from './kinds/stripMended'
import { strippedShape } from './kinds/stripped'
import { takenBackShape } from './kinds/takenBack'
import { suspectClearedShape } from './kinds/suspectCleared'
import { takenOverShape } from './kinds/takenOver'
import { toolSuspectedShape } from './kinds/toolSuspected'
import { toolVerifiedShape } from './kinds/toolVerified'
import { trayCountedShape } from './kinds/trayCounted'
import { unpluggedShape } from './kinds/unplugged'
import { wireCutShape } from './kinds/wireCut'
import { wireScrappedShape } from './kinds/wireScrapped'

/** What an entry of each kind says, by the blocks that are handed in: nothing here needs a schema to be loaded. */
export const entryShapes = {
  'plan-changed': planChangedShape,
  'sets-chosen': setsChosenShape,
  'wire-cut': wireCutShape,
  'wire-scrapped': wireScrappedShape,
  stripped: strippedShape,
  'strip-mended': stripMendedShape,
  'setup-mounted': setupMountedShape,
  'nest-found': nestFoundShape,
  'first-piece': firstPieceShape,
  'setup-released': setupReleasedShape,
  'pull-sampled': pullSampledShape,
  'setup-adjusted': setupAdjustedShape,
  'release-ended': releaseEndedShape,
  'tool-verified': toolVerifiedShape,
  'tool-suspected': toolSuspectedShape,
  'suspect-cleared': suspectClearedShape,
  'photo-taken': photoTakenShape,
  'photo-measured': photoMeasuredShape,
  crimped: crimpedShape,
  'crimp-rejected': crimpRejectedShape,
  seated: seatedShape,
  misplaced: misplacedShape,
  extracted: extractedShape,
  'seat-faulted': seatFaultedShape,
  'damage-reported': damageReportedShape,
  'seat-order-set': seatOrderSetShape,
  'taken-over': takenOverShape,
  'came-with': cameWithShape,
  plugged: pluggedShape,
  unplugged: unpluggedShape,
  'part-fitted': partFittedShape,
  'lock-moved': lockMovedShape,
  'end-damaged': endDamagedShape,
  'lacing-moved': lacingMovedShape,
  'end-looked-over': endLookedOverShape,
  'pair-mated': pairMatedShape,
  'pair-parted': pairPartedShape,
  'leads-measured': leadsMeasuredShape,
  'net-probed': netProbedShape,
  'net-measured': netMeasuredShape,
  'apart-probed': apartProbedShape,
  'through-probed': throughProbedShape,
  'contact-held': contactHeldShape,
  'harness-analysed': harnessAnalysedShape,
  'harness-moved': harnessMovedShape,
  'bundle-made': bundleMadeShape,
  'length-found': lengthFoundShape,
  'shell-secured': shellSecuredShape,
  'torque-rested': torqueRestedShape,
  'tray-counted': trayCountedShape,
  signed: signedShape,
  reopened: reopenedShape,
  noted: notedShape,
  'taken-back': takenBackShape,
} as const
