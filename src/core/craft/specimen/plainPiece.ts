import type { Contact } from '../../parts/catalogue/types'
import { bundleDiameterMm } from '../../base/wire/bundle'
import type { CrimpMade } from './specimenTypes'
import { specimenBody } from './specimenBody'

/** A contact that nobody has crimped yet, with the wire that lies in the middle of its range: for its drawing alone. */
export interface PlainPiece {
  readonly made: CrimpMade
  readonly bundleMm: number
  readonly legs: number
  readonly colour: string
  readonly crimped: false
}

const STRANDS = 19

/** The piece that shows a contact as its sheet has it. The wire is no one's: its strands fill the middle of the range. */
export function plainPiece(contact: Contact): PlainPiece {
  const { minMm2, maxMm2 } = contact.conductor
  const areaMm2 = Math.max(0.05, (minMm2 + maxMm2) / 2)
  const strandMm = Math.sqrt((4 * areaMm2) / (Math.PI * STRANDS))
  const bundleMm = bundleDiameterMm(STRANDS, strandMm)
  const { insulation } = contact
  const insulationMm = insulation ? (insulation.minMm + insulation.maxMm) / 2 : bundleMm * 1.5
  const body = specimenBody(contact)
  const inBarrelMm = body.kind === 'open' ? body.conductorBarrelMm + body.transitionMm : body.depthMm
  return {
    made: {
      contact,
      strands: STRANDS,
      strandMm,
      insulationMm: Math.max(insulationMm, bundleMm * 1.1),
      stripMm: inBarrelMm + 0.6,
      endShortMm: 0,
      strandsLost: 0,
      compaction: 0.85,
    },
    bundleMm,
    legs: 1,
    colour: 'GY',
    crimped: false,
  }
}
