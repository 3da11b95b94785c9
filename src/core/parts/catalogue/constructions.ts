import type { Range } from '../../base/range'
import type { LookCode } from './lookCodes'
import type { PracticeId } from './practiceIds'
import type { PullScope } from './pullScope'
import type { StripLimit, StripShape } from './stripShape'
import { terminalShapes } from './terminalShapes'
import type { ToolClass } from './toolClasses'
import type { Construction, Contact } from './types'

/** Wings of a stamped contact that a die folds, mm and mm². */
export interface Wings {
  readonly conductorBarrelMm: number
  readonly transitionMm: number
  readonly insulationBarrelMm: number
  readonly metalAreaMm2: number
  readonly crimpWidthMm: number
}

/** A look at the mounted tool that this contact asks for, in the place where the tool's own routine has it. */
export type ContactStepSlot = 'lance-clear' | 'seam-away' | 'shrink-after'
export type ContactStep = ContactStepSlot | 'seam-on'

/** How a maker's sheet gives the barrel: which column holds which of its dimensions. */
export interface BarrelSheet {
  /** all that it takes to know the barrel */
  readonly columns: readonly (readonly [column: string, dimension: string])[]
  /** what a sheet may leave out, and what stands for it then */
  readonly more: readonly {
    readonly column: string
    readonly dimension: string
    readonly otherwise?: number | string
  }[]
}

/**
 * How a contact is made. Everything that the bench does differently for a construction stands here: the strip, the looks of its
 * inspection, the tool classes that may close it, what else may be done to it, how its sheet is read. A new construction is a
 * new row; its words and its body stand in tables that must name it.
 */
export interface ConstructionKind {
  readonly id: Construction
  /** the strip that its own dimensions ask for; gap and brush come from the house rules. Undefined when its sheet has no dimensions */
  readonly stripShape: (
    contact: Contact,
    rules: { readonly gap: Range; readonly brush: Range },
  ) => StripShape | undefined
  /** what is seen of a strip outside its window, where the sheet gives its length alone */
  readonly stripLimits: { readonly below: StripLimit; readonly above: StripLimit }
  /** at most five grouped looks, in the order in which a hand turns the piece */
  readonly looks: (contact: Contact) => readonly LookCode[]
  /** what the tables of pull minima call it: inside its scope a table's figure is more than a general one */
  readonly pullScopes: readonly PullScope[]
  /** tool classes that may close it, best first; any other destroys it */
  readonly toolClasses: (contact: Contact) => readonly ToolClass[]
  /** is a height part of its inspection? */
  readonly hasHeight: boolean
  /** undefined where nothing is folded, or its sheet has no dimensions */
  readonly wings: (contact: Contact) => Wings | undefined
  /** metal of the barrel's wall, mm², and width of the closed crimp, mm: what a section shows */
  readonly wall: (contact: Contact) => { readonly barrelAreaMm2: number; readonly widthMm: number } | undefined
  /** bore of a cup that takes the insulation, mm */
  readonly cupBoreMm: (contact: Contact) => number | undefined
  /** it grips the insulation itself: where its sheet leaves out which, that is not checked */
  readonly gripsInsulation: boolean
  /** its rear wings close round a seal */
  readonly gripsSeal: boolean
  /** it goes through a mat, where lubricant helps it though it carries no seal */
  readonly passesMat: boolean
  /** what house rules may let a hand do on it besides */
  readonly practices: readonly PracticeId[]
  readonly mountSteps: (contact: Contact) => Readonly<Partial<Record<ContactStepSlot, ContactStep>>>
  /** undefined: it stands in no sheet of contacts */
  readonly sheet: BarrelSheet | undefined
}

const none = () => undefined
const every: readonly PracticeId[] = ['side-cutters', 'fold-back', 'straightening']
const folded: readonly PracticeId[] = ['easing-wings', 'second-stroke', 'finishing-squeeze', 'brush-trimming']

/** The wall of a round barrel. */
const roundWall = ({ outerMm, boreMm }: { readonly outerMm: number; readonly boreMm: number }) => ({
  barrelAreaMm2: (Math.PI / 4) * (outerMm ** 2 - boreMm ** 2),
  widthMm: outerMm,
})

const closedBarrel: ConstructionKind = {
  id: 'closed-barrel',
  stripShape: (contact, { gap }) =>
    contact.construction === 'closed-barrel' && contact.barrel
      ? { kind: 'closed', barrelDepthMm: contact.barrel.depthMm, cupDepthMm: contact.barrel.cupDepthMm, gap }
      : undefined,
  stripLimits: { below: 'hole-empty', above: 'gap-too-large' },
  looks: () => ['bottomed-hard', 'strands-in-hole', 'gap-and-strands', 'indents-even', 'straight-round'],
  pullScopes: ['crimped-connections'],
  toolClasses: () => ['four-indent-positioned', 'four-indent-plain'],
  hasHeight: false,
  wings: none,
  wall: (contact) =>
    contact.construction === 'closed-barrel' && contact.barrel ? roundWall(contact.barrel) : undefined,
  cupBoreMm: (contact) => (contact.construction === 'closed-barrel' ? contact.barrel?.cupBoreMm : undefined),
  gripsInsulation: false,
  gripsSeal: false,
  passesMat: true,
  practices: [...every, 'lubricant'],
  mountSteps: () => ({}),
  sheet: {
    columns: [
      ['barrelMm', 'depthMm'],
      ['barrelBoreMm', 'boreMm'],
      ['barrelOuterMm', 'outerMm'],
      ['holeAtMm', 'holeAtMm'],
    ],
    more: [
      { column: 'cupDepthMm', dimension: 'cupDepthMm', otherwise: 0 },
      { column: 'cupBoreMm', dimension: 'cupBoreMm' },
    ],
  },
}

/** The barrel of a stamped contact, sealed or not. */
const stampedBarrel = (contact: Contact) =>
  contact.construction === 'open-barrel' || contact.construction === 'open-barrel-sealed' ? contact.barrel : undefined

/** What both stamped constructions have in common. */
const stamped = {
  stripShape: (contact, { brush }) => {
    const barrel = stampedBarrel(contact)
    return (
      barrel && {
        kind: 'open',
        conductorBarrelMm: barrel.conductorBarrelMm,
        transitionMm: barrel.transitionMm,
        brush,
        reachMm: barrel.reachMm,
      }
    )
  },
  stripLimits: { below: 'brush-too-short', above: 'bare-under-insulation-wings' },
  hasHeight: true,
  wings: stampedBarrel,
  wall: (contact) => {
    const barrel = stampedBarrel(contact)
    return barrel && { barrelAreaMm2: barrel.metalAreaMm2, widthMm: barrel.crimpWidthMm }
  },
  cupBoreMm: none,
  passesMat: false,
  mountSteps: (contact) => ('spring' in contact && contact.spring === 'none' ? {} : { 'lance-clear': 'lance-clear' }),
  sheet: {
    columns: [
      ['barrelMm', 'conductorBarrelMm'],
      ['transitionMm', 'transitionMm'],
      ['insulationBarrelMm', 'insulationBarrelMm'],
      ['reachMm', 'reachMm'],
      ['metalAreaMm2', 'metalAreaMm2'],
      ['crimpWidthMm', 'crimpWidthMm'],
    ],
    more: [
      { column: 'wings', dimension: 'wings', otherwise: 'touching' },
      { column: 'wingWidthMm', dimension: 'wingWidthMm' },
    ],
  },
} as const satisfies Partial<ConstructionKind>

const openBarrel: ConstructionKind = {
  ...stamped,
  id: 'open-barrel',
  looks: () => ['wings-closed', 'brush-shows', 'insulation-edge', 'insulation-held', 'contact-straight'],
  pullScopes: ['crimped-connections'],
  toolClasses: () => ['parallel-die', 'nest-ratchet', 'notch-pliers', 'plain-pliers'],
  gripsInsulation: true,
  gripsSeal: false,
  // solder wicks up to a seal's edge and stiffens the wire there: without a seal alone
  practices: [...every, ...folded, 'solder'],
}

const openBarrelSealed: ConstructionKind = {
  ...stamped,
  id: 'open-barrel-sealed',
  looks: () => ['wings-closed', 'brush-shows', 'insulation-edge', 'seal-in-wings', 'contact-straight'],
  pullScopes: ['crimped-connections'],
  toolClasses: () => ['parallel-die', 'nest-ratchet'],
  gripsInsulation: false,
  gripsSeal: true,
  practices: [...every, ...folded, 'lubricant'],
}

const sleeve: ConstructionKind = {
  id: 'sleeve',
  stripShape: (contact) =>
    contact.construction === 'sleeve' && contact.barrel
      ? { kind: 'sleeve', barrelMm: contact.barrel.depthMm, past: terminalShapes[contact.shape].past }
      : undefined,
  stripLimits: { below: 'tip-not-reached', above: 'strands-past-tip' },
  looks: (contact) => (contact.construction === 'sleeve' ? terminalShapes[contact.shape].looks : []),
  pullScopes: ['crimped-connections', 'terminals-lugs-splices'],
  toolClasses: (contact) =>
    contact.construction === 'sleeve' ? terminalShapes[contact.shape].toolClasses(contact.insulated) : [],
  hasHeight: false,
  wings: none,
  wall: (contact) => (contact.construction === 'sleeve' && contact.barrel ? roundWall(contact.barrel) : undefined),
  cupBoreMm: none,
  gripsInsulation: false,
  gripsSeal: false,
  passesMat: false,
  practices: [...every, 'brush-trimming'],
  mountSteps: (contact) => {
    if (contact.construction !== 'sleeve') return {}
    const seam = contact.barrel?.seam
    return {
      ...(seam === 'indent-away' && { 'seam-away': 'seam-away' }),
      ...(seam === 'indent-on' && { 'seam-away': 'seam-on' }),
      ...(contact.shrinks && { 'shrink-after': 'shrink-after' }),
    }
  },
  sheet: undefined,
}

export const constructions: Readonly<Record<Construction, ConstructionKind>> = {
  'closed-barrel': closedBarrel,
  'open-barrel': openBarrel,
  'open-barrel-sealed': openBarrelSealed,
  sleeve,
}

export const constructionOf = (contact: Pick<Contact, 'construction'>): ConstructionKind =>
  constructions[contact.construction]

/** Constructions that a sheet of contacts can give. */
export const sheetConstructions = Object.values(constructions).flatMap(({ id, sheet }) => (sheet ? [id] : []))
