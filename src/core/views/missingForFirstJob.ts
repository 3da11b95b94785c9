import type { Catalogue } from '../parts/catalogue/catalogue'
import { toolClasses } from '../parts/catalogue/toolClasses'
import { isInCrib, isSleeve } from '../parts/catalogue/types'
import { houseRules } from '../parts/rules/houseRules'
import { wireReason } from '../craft/fit/checks'
import { setupsFor } from '../craft/fit/setups'
import { notchFor } from '../craft/fit/wireNotch'
import { fitWire } from '../record/plan/facts'

/** What a first job needs, in the order in which one comes by it. */
export const firstNeeds = ['name', 'connector', 'wire', 'crimp-tool', 'stripper', 'setting', 'pinout'] as const
export type FirstNeed = (typeof firstNeeds)[number]

/** What somebody has who wants to make a first job. */
export interface FirstJobBench {
  readonly people: number
  readonly jobs: number
  readonly catalogue: Catalogue
  /** `YYYY-MM-DD` */
  readonly today: string
}

/** Which of the things that a first job needs are there. */
export function missingForFirstJob({
  people,
  jobs,
  catalogue,
  today,
}: FirstJobBench): Readonly<Record<FirstNeed, boolean>> {
  const held = [...catalogue.tools.values()].filter(isInCrib)
  return {
    name: people > 0,
    connector: [...catalogue.housings.values()].some(
      ({ family }) => (catalogue.contactsByFamily.get(family) ?? []).length > 0,
    ),
    wire: catalogue.wireTypes.size > 0,
    'crimp-tool': held.some((tool) => toolClasses[tool.class].crimps),
    stripper: catalogue.notchesMm.length > 0,
    setting: hasSetting(catalogue, today),
    pinout: jobs > 0,
  }
}

const ROOM_C = 20

/** Is there a wire that some contact of a connector takes, by a tool that is here and a setting for both? */
function hasSetting(catalogue: Catalogue, today: string): boolean {
  const contacts = [...catalogue.contacts.values()].filter((contact) => !isSleeve(contact))
  for (const type of catalogue.wireTypes.values()) {
    const wire = fitWire(type)
    // what one school allows is there; which of them a job follows is chosen with it
    const conditions = { wire, ambientC: ROOM_C, rules: houseRules['hobby-bench'], today }
    const notch = notchFor(catalogue, wire)
    for (const contact of contacts)
      if (
        !wireReason(contact, conditions) &&
        setupsFor(catalogue, contact, conditions, notch).some(({ setup, refused }) => setup && !refused)
      )
        return true
  }
  return false
}
