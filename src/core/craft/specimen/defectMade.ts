import type { DefectCode } from '../crimp/looks'
import { specimenBody, type SpecimenBody } from './specimenBody'
import type { CrimpMade } from './specimenTypes'

type Change = (sound: CrimpMade, body: SpecimenBody) => Partial<CrimpMade>

/** The strip was changed, the insulation's edge stayed where it was: the conductor's end moved by as much, mm further from the tip. */
const stripShorter =
  (byMm: number): Change =>
  ({ stripMm, endShortMm }) => ({
    stripMm: Math.max(0.3, stripMm - byMm),
    endShortMm: endShortMm + Math.min(byMm, stripMm - 0.3),
  })
/** The conductor's end is where it should be, and the strip too long: the insulation ends further back. */
const bareBehind =
  (byMm: number): Change =>
  ({ stripMm }) => ({ stripMm: stripMm + byMm })
/** The strip is right, the wire was not pushed as far, or further. */
const pushed =
  (byMm: number): Change =>
  ({ endShortMm }) => ({ endShortMm: endShortMm - byMm })

/** So far from the bottom the conductor's end has left the inspection hole. */
const emptiesHoleMm = (body: Extract<SpecimenBody, { kind: 'closed' }>) =>
  Math.min(body.depthMm - 0.4, body.depthMm + body.cupDepthMm - body.holeAtMm + 0.25 * body.outerMm)

/**
 * How a piece must have been made for a defect to show on it: what hands and tool did otherwise than for a sound one.
 * Far enough over the edge to be seen. Defects that are no matter of strip, depth, strands, compaction, wings or the tool's axis
 * (a crack, a torn seal, a bent contact) are not in the model.
 */
const changes: Readonly<Partial<Record<DefectCode, Change>>> = {
  'hole-empty': (sound, body) => (body.kind === 'closed' ? stripShorter(emptiesHoleMm(body))(sound, body) : {}),
  'not-bottomed': pushed(-1.4),
  'gap-too-large': bareBehind(1.6),
  // bottomed, and the insulation pressed in
  'insulation-in-barrel': (sound, body) =>
    body.kind === 'open'
      ? {}
      : { endShortMm: 0, stripMm: body.depthMm + (body.kind === 'closed' ? body.cupDepthMm : 0) - 1.4 },
  'brush-too-short': (sound, body) => stripShorter(Math.max(0, -sound.endShortMm) + 0.6)(sound, body),
  'brush-reaches-mating-part': (sound, body) =>
    body.kind === 'open' ? stripShorter(-Math.max(1, body.reachMm + sound.endShortMm + 0.6))(sound, body) : {},
  'insulation-under-wings': (sound, body) =>
    body.kind === 'open' ? pushed(body.transitionMm / 2 + 1)(sound, body) : {},
  'bare-under-insulation-wings': (sound, body) =>
    body.kind === 'open' ? bareBehind(body.transitionMm / 2 + 1.2)(sound, body) : {},
  'tip-not-reached': (sound) => ({
    endShortMm: Math.max(0, sound.endShortMm) + 2,
    stripMm: Math.max(0.3, sound.stripMm - 2 - Math.max(0, -sound.endShortMm)),
  }),
  'strands-past-tip': stripShorter(-1.6),
  'under-crimped': () => ({ compaction: 0.98 }),
  'over-crimped': () => ({ compaction: 0.68 }),
  cracked: () => ({ compaction: 0.66 }),
  'stroke-stopped': () => ({ wingClosure: 0.4, compaction: 1 }),
  'came-off': () => ({ compaction: 1 }),
  'wings-open': () => ({ wingClosure: 0.55, compaction: 0.97 }),
  'indents-off-band': (sound, body) => (body.kind === 'open' ? {} : { toolOffMm: Math.min(1.4, body.depthMm * 0.25) }),
  'strand-outside': () => ({ strandsLost: 1 }),
  'strands-cut': ({ strands }) => ({ strandsLost: Math.max(1, Math.ceil(strands * 0.3)) }),
}

/** The same to be seen where the strip was measured and is right: then the wire was pushed not far enough, or too far. */
const changesOfDepth: Readonly<Partial<Record<DefectCode, Change>>> = {
  'hole-empty': (sound, body) => (body.kind === 'closed' ? pushed(-emptiesHoleMm(body))(sound, body) : {}),
  'gap-too-large': pushed(-1.6),
  'brush-too-short': (sound, body) => pushed(-(Math.max(0, -sound.endShortMm) + 0.6))(sound, body),
  'brush-reaches-mating-part': (sound, body) =>
    body.kind === 'open' ? pushed(Math.max(1, body.reachMm + sound.endShortMm + 0.6))(sound, body) : {},
  'bare-under-insulation-wings': (sound, body) =>
    body.kind === 'open' ? pushed(-(body.transitionMm / 2 + 1.2))(sound, body) : {},
  'tip-not-reached': pushed(-2),
}

/**
 * The piece on which a defect shows; the sound one where the model has nothing to change.
 * @param stripIsRight it was measured before the crimp: what is seen comes from the depth to which the wire was pushed
 */
export function madeWith(sound: CrimpMade, defect: DefectCode | undefined, stripIsRight = false): CrimpMade {
  const change = defect && ((stripIsRight ? changesOfDepth[defect] : undefined) ?? changes[defect])
  return change ? { ...sound, ...change(sound, specimenBody(sound.contact)) } : sound
}
