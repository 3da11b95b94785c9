import { useCallback, useEffect, useState } from 'react'
import { type FamilyDraft, emptyFamily } from '@/core/parts/sheets/familyDraft'
import { draftFamily, duplicateFamily } from '@/core/parts/sheets/draftFamily'
import type { FamilyPage } from '../shelfData'

/** Drafts of an earlier shape are left where they are. */
const KEPT = 'urn-family-draft-2'

function begin(page: FamilyPage | undefined, duplicate: boolean): FamilyDraft {
  if (!page) return emptyFamily
  const draft = draftFamily(page.family, page.placards)
  return duplicate ? duplicateFamily(draft, `${draft.id}-2`, `${draft.name} 2`, '-2') : draft
}

/** What was typed of this family before the page was loaded again; what cannot be read is as if it were not there. */
function keptDraft(kept: string): FamilyDraft | undefined {
  const text = localStorage.getItem(kept)
  if (text === null) return undefined
  try {
    const said = JSON.parse(text) as unknown
    if (typeof said !== 'object' || said === null) return undefined
    const { sheets, housings } = said as Partial<FamilyDraft>
    return Array.isArray(housings) && typeof sheets === 'object'
      ? { ...emptyFamily, ...(said as FamilyDraft), sheets: { ...emptyFamily.sheets, ...sheets } }
      : undefined
  } catch {
    return undefined
  }
}

/** A family while it is typed, kept in this browser until it is saved or left. */
export function useFamilyDraft(
  page: FamilyPage | undefined,
  duplicate: boolean,
): { readonly draft: FamilyDraft; readonly set: (change: Partial<FamilyDraft>) => void; readonly forget: () => void } {
  const kept = `${KEPT}:${page ? `${page.family.id}${duplicate ? ':copy' : ''}` : 'new'}`
  const [draft, setDraft] = useState<FamilyDraft>(() => {
    const before = keptDraft(kept)
    return before ? { ...before, ...(page && !duplicate && { origin: page.family }) } : begin(page, duplicate)
  })
  // nothing typed is lost, whatever happens to the page
  useEffect(() => {
    const { origin: _origin, ...rest } = draft
    localStorage.setItem(kept, JSON.stringify(rest))
  }, [draft, kept])
  const set = useCallback((change: Partial<FamilyDraft>) => setDraft((now) => ({ ...now, ...change })), [])
  const forget = useCallback(() => localStorage.removeItem(kept), [kept])
  return { draft, set, forget }
}
