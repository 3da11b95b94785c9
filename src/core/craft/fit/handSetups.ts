import { sortedBy } from '../../base/collections'
import type { Catalogue } from '../../parts/catalogue/catalogue'
import { constructionOf } from '../../parts/catalogue/constructions'
import { type Opening, openingsOf } from '../../parts/catalogue/openings'
import type { ToolClass } from '../../parts/catalogue/toolClasses'
import { type Contact, type Tool, isInCrib } from '../../parts/catalogue/types'
import type { FitConditions, FitNote } from './fitTypes'
import { heightOf, notesOf, refusedByRule, stripOf } from './setupFigures'
import type { SetupCandidate } from './setups'
import type { WireNotch } from './wireNotch'

/** Tools that crimp wings without a card, by the hand's skill: how they are set, and what is to be known of them. */
const byHand: Readonly<
  Partial<
    Record<
      ToolClass,
      {
        /** its nests or notches; without any it is set by nothing */
        readonly nests: 'needed' | 'where-known' | 'none'
        readonly note: (tool: string) => FitNote
      }
    >
  >
> = {
  'nest-ratchet': { nests: 'needed', note: (tool) => ({ kind: 'nest-to-try', tool }) },
  'notch-pliers': { nests: 'where-known', note: (tool) => ({ kind: 'by-pliers', tool }) },
  'plain-pliers': { nests: 'none', note: (tool) => ({ kind: 'by-pliers', tool }) },
}

interface HandTool {
  readonly tool: Tool
  /** by ascending width, each by what is printed beside it; undefined: it has none that count */
  readonly nests: readonly Opening[] | undefined
}

/**
 * Setups where no card gives one: the smallest nest that holds the closed crimp, tried for snugness, then pliers with and without
 * notches. Each is an estimate that the first piece proves, by height and pull; the house rules say which of them a bench may use.
 */
export function handSetups(
  catalogue: Catalogue,
  contact: Contact,
  conditions: FitConditions,
  notch: WireNotch,
): readonly SetupCandidate[] {
  const wings = constructionOf(contact).wings(contact)
  const strip = wings && stripOf(contact, undefined, conditions)
  if (!wings || !strip) return []
  const classes: readonly string[] = constructionOf(contact).toolClasses(contact)
  const mayUse = conditions.mayUse ?? isInCrib
  const height = heightOf(contact, undefined, conditions)
  return handToolsOf(catalogue).flatMap(({ tool, nests }): SetupCandidate[] => {
    const kind = byHand[tool.class]
    const nest = nests?.find(({ mm }) => mm >= wings.crimpWidthMm - 1e-9)
    if (!kind || !classes.includes(tool.class) || !mayUse(tool) || (nests && !nest)) return []
    const refused = refusedByRule(tool, true, conditions)
    return [
      {
        setup: {
          setup: {
            tool: tool.id,
            ...(nest && { nest: nest.mark }),
            ...(notch.notchMm !== undefined && { notchMm: notch.notchMm }),
          },
          ...(notch.notchMark !== undefined && { notchMark: notch.notchMark }),
          strip: strip.window,
          stripFrom: strip.from,
          ...(height && { height }),
          source: nest
            ? `estimated: smallest nest over the crimp's ${String(wings.crimpWidthMm)} mm`
            : 'estimated: by hand, no card and no nest',
          estimate: true,
          notes: [...notesOf(contact, tool, true, conditions, notch), kind.note(tool.id)],
        },
        // behind whatever a card says of a tool of the same class
        rank: classes.indexOf(tool.class) + 0.5,
        ...(refused && { refused }),
      },
    ]
  })
}

const handToolsByCatalogue = new WeakMap<Catalogue, readonly HandTool[]>()
/** Tools of a catalogue that crimp by the hand's skill; found once. */
function handToolsOf(catalogue: Catalogue): readonly HandTool[] {
  const known = handToolsByCatalogue.get(catalogue)
  if (known) return known
  const tools = [...catalogue.tools.values()].flatMap((tool): HandTool[] => {
    const kind = byHand[tool.class]
    const nests = kind?.nests === 'none' ? undefined : tool.nestsMm
    if (!kind || (kind.nests === 'needed' && !nests)) return []
    return [{ tool, nests: nests && sortedBy(openingsOf(nests, tool.nestMarks), ({ mm }) => mm) }]
  })
  handToolsByCatalogue.set(catalogue, tools)
  return tools
}
