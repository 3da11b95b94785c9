import type { DefectCode } from '@/core/crimp/looks'
import type { Contact, Seal } from '@/core/catalogue/types'
import type { ChosenSet, Wire } from '@/core/job/plan'
import type { JobState } from '@/core/journal/state'
import { bundleDiameterMm } from '@/core/wire/bundle'
import type { SpecimenPiece } from '../specimen/specimenModel'

/** The piece that a wire and its set make, as the specimen drawing wants it. */
export function specimenOf(state: JobState, wire: Wire, set: ChosenSet, how: { readonly crimped: boolean; readonly stripMm?: number | undefined; readonly defect?: DefectCode | undefined }): SpecimenPiece | undefined {
  const contact = state.facts.contacts[set.contact] as Contact | undefined
  const type = state.facts.wireTypes[wire.type]
  const seal = set.seal === undefined ? undefined : (state.facts.seals[set.seal] as Seal | undefined)
  if (!contact || !type) return undefined
  return {
    contact, stripMm: how.stripMm ?? set.strip.nominalMm, insulationMm: wire.insulationMm ?? type.insulationMm, bundleMm: bundleDiameterMm(type.strands, type.strandMm),
    colour: wire.colour, crimped: how.crimped, defect: how.defect, ...(seal && { seal: { id: seal.id, lengthMm: seal.lengthMm, boreMm: seal.boreMm } }),
  }
}
