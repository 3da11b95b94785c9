import type { Contact, Tool } from '../../parts/catalogue/types'
import type { ToolClass } from '../../parts/catalogue/toolClasses'
import type { Setup, SetupField } from './setup'
import { constructionOf } from '../../parts/catalogue/constructions'

/** Something that the hand does or sees when a tool is set up, in words elsewhere. */
export type MountStepCode =
  | 'opens-fully'
  | 'positioner-latched'
  | 'door-shut'
  | 'selector-seated'
  | 'depth-by-gauge'
  | 'hold-by-hand'
  | 'forms-clean'
  | 'locator-square'
  | 'snug-nest'
  | 'wide-side'
  | 'front-flush'
  | 'lance-clear'
  | 'two-strokes'
  | 'no-ratchet'
  | 'die-upper-lower'
  | 'tip-in-die'
  | 'seam-away'
  | 'seam-on'
  | 'colour-nest'
  | 'shrink-after'

const byClass: Readonly<Record<ToolClass, readonly MountStepCode[]>> = {
  'four-indent-positioned': ['positioner-latched', 'door-shut', 'selector-seated', 'opens-fully'],
  'four-indent-plain': ['depth-by-gauge', 'hold-by-hand', 'opens-fully'],
  'parallel-die': ['die-upper-lower', 'locator-square', 'forms-clean', 'opens-fully'],
  'nest-ratchet': ['snug-nest', 'wide-side', 'front-flush', 'lance-clear', 'opens-fully'],
  'notch-pliers': ['snug-nest', 'two-strokes', 'lance-clear', 'opens-fully'],
  'plain-pliers': ['no-ratchet', 'two-strokes'],
  'ferrule-square': ['tip-in-die', 'opens-fully'],
  'sleeve-nest': ['colour-nest', 'seam-away', 'shrink-after', 'opens-fully'],
  stripper: [],
  release: [],
  gauge: [],
  'torque-cable': [],
}

/**
 * What a look belongs to: with the same frame still in hand it is looked at again only where that has changed; what a contact asks
 * for, always.
 */
const belongsTo: Readonly<Record<MountStepCode, readonly SetupField[] | 'contact'>> = {
  'opens-fully': ['tool', 'die'],
  'positioner-latched': ['positioner'],
  'door-shut': ['turret'],
  'selector-seated': ['selector'],
  'depth-by-gauge': ['selector'],
  'hold-by-hand': ['tool'],
  'forms-clean': ['die'],
  'locator-square': ['die', 'wireStopMm'],
  'snug-nest': ['nest'],
  // the card of the stroke says these again at every piece
  'wide-side': ['tool'],
  'front-flush': ['tool'],
  'lance-clear': 'contact',
  'two-strokes': ['tool'],
  'no-ratchet': ['tool'],
  'die-upper-lower': ['die'],
  'tip-in-die': ['die'],
  'seam-away': 'contact',
  'seam-on': 'contact',
  'colour-nest': ['nest'],
  'shrink-after': 'contact',
}

/**
 * What is seen on the tool before the setup is in hand, besides its figures: by the class of the tool, and by what this
 * contact asks of it. A nest that no card names is tried.
 * @param changed what differs from the setup that is in hand; a frame that was not in hand is looked at whole
 */
export function mountSteps(
  tool: Pick<Tool, 'class'>,
  setup: Setup,
  contact: Contact | undefined,
  isEstimate = false,
  changed: ReadonlySet<SetupField> = new Set(['tool']),
): readonly MountStepCode[] {
  const asked = contact ? constructionOf(contact).mountSteps(contact) : {}
  const isDue = (step: MountStepCode) => {
    const of = belongsTo[step]
    return of === 'contact' || changed.has('tool') || of.some((field) => changed.has(field))
  }
  const all = byClass[tool.class].flatMap((step): MountStepCode[] => {
    switch (step) {
      case 'positioner-latched':
        return setup.positioner === undefined && setup.turret !== undefined ? [] : [step]
      case 'door-shut':
        return setup.turret === undefined ? [] : [step]
      case 'snug-nest':
        return isEstimate && setup.nest !== undefined ? [step] : []
      case 'selector-seated':
        return setup.selector === undefined ? [] : [step]
      case 'lance-clear':
      case 'seam-away':
      case 'shrink-after':
        return asked[step] === undefined ? [] : [asked[step]]
      default:
        return [step]
    }
  })
  return all.filter(isDue)
}
