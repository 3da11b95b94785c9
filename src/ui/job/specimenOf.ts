import type { DefectCode } from '@/core/craft/crimp/looks'
import type { Wire } from '@/core/record/plan/plan'
import type { JobState } from '@/core/record/state/state'
import { madeWith } from '@/core/craft/specimen/defectMade'
import { pieceMade } from '@/core/craft/specimen/pieceMade'
import { bundleDiameterMm } from '@/core/base/wire/bundle'
import type { SpecimenPiece } from '../specimen/specimenModel'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'

/** The piece that a wire and its set make, sound or with what was reported, as the specimen drawing wants it. */
export function specimenOf(
  facts: JobState['facts'],
  wire: Wire,
  set: ChosenSet,
  how: { readonly crimped: boolean; readonly stripMm?: number | undefined; readonly defect?: DefectCode | undefined },
): SpecimenPiece | undefined {
  const contact = facts.contacts[set.contact]
  const type = facts.wireTypes[wire.type]
  const seal = set.seal === undefined ? undefined : facts.seals[set.seal]
  if (!contact || !type) return undefined
  const sound = pieceMade(contact, type, set, {
    ...(how.stripMm !== undefined && { stripMm: how.stripMm }),
    ...(wire.insulationMm !== undefined && { insulationMm: wire.insulationMm }),
  })
  const legs = set.foldBack ? 2 : 1
  return {
    made: madeWith(sound, how.defect, how.crimped && how.stripMm !== undefined),
    bundleMm: bundleDiameterMm(type.strands, type.strandMm) * Math.sqrt(legs),
    legs,
    colour: wire.colour,
    crimped: how.crimped,
    defect: how.defect,
    ...(seal && { seal: { id: seal.id, lengthMm: seal.lengthMm, boreMm: seal.boreMm } }),
  }
}
