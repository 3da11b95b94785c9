import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { toolClasses } from '@/core/parts/catalogue/toolClasses'
import { isInCrib, type Tool } from '@/core/parts/catalogue/types'
import { dueAgain, proofOf } from '@/core/parts/catalogue/verifyTool'
import { toolDue } from '@/core/craft/setup/setup'
import { notCrimpedYet, toolReach } from '@/core/views/toolReach'
import type { ToolWork } from '@/core/views/ledger/ledgerTypes'
import type { CribTool, GapModel, ReachModel, VerifyModel } from './cribModel'

/** The tools of the bench: what is here first, then what could be had. */
export function cribTools(catalogue: Catalogue, worked: readonly ToolWork[], today: string): readonly CribTool[] {
  const work = new Map(worked.map((one) => [one.tool, one]))
  const rows = new Map<string, Set<string>>()
  for (const [contact, placed] of catalogue.rowsByContact)
    if (catalogue.contacts.has(contact))
      for (const { tool } of placed) rows.set(tool.id, (rows.get(tool.id) ?? new Set()).add(contact))
  return [...catalogue.tools.values()]
    .sort((a, b) => Number(isInCrib(b)) - Number(isInCrib(a)))
    .map((tool) => ({
      id: tool.id,
      held: tool.held ?? 'crib',
      name: tool.name,
      class: tool.class,
      ownMark: tool.ownMark,
      liesIn: tool.liesIn,
      price: tool.price,
      doneOn: tool.verification?.doneOn,
      due: toolDue(tool, today, work.get(tool.id)?.since),
      since: work.get(tool.id)?.since,
      gaugedAt: work.get(tool.id)?.gaugedAt,
      crimps: toolClasses[tool.class].crimps ? (rows.get(tool.id)?.size ?? 0) : undefined,
    }))
}

/** How a tool is proved here; undefined where its class has no routine. */
export function verifyModel(
  catalogue: Catalogue,
  tool: Tool,
  worked: readonly ToolWork[],
  today: string,
): VerifyModel | undefined {
  const proof = proofOf(tool, catalogue.tools.values())
  if (!proof) return undefined
  return {
    how: proof.how,
    gauge: proof.gauge,
    last: tool.verification,
    history: [...(tool.history ?? [])].reverse(),
    today,
    dueAgain: dueAgain(tool, today),
    due: toolDue(tool, today, worked.find((one) => one.tool === tool.id)?.since),
  }
}

/** What of the shelf a tool does; undefined for what crimps nothing. */
export function reachModel(catalogue: Catalogue, tool: Tool): ReachModel | undefined {
  if (!toolClasses[tool.class].crimps) return undefined
  const { crimps, noRow, never } = toolReach(catalogue, tool)
  return {
    crimps: crimps.map(({ contact, wire }) => ({ id: contact.id, name: contact.name, ...wire })),
    noRow: noRow.map(({ contact, by }) => ({ id: contact.id, name: contact.name, by })),
    never,
  }
}

/** What of the shelf nothing here crimps yet. */
export const gapModels = (catalogue: Catalogue): readonly GapModel[] =>
  notCrimpedYet(catalogue).map(({ contact, gaps, elsewhere, classes }) => ({
    id: contact.id,
    name: contact.name,
    family: catalogue.families.get(contact.family)?.name ?? contact.family,
    gaps,
    elsewhere,
    classes,
  }))
