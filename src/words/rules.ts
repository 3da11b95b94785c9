import type { RulesId } from '@/core/rules/houseRules'

export const rulesWords: Readonly<Record<RulesId, { readonly name: string; readonly about: string }>> = {
  'sheet-strict': { name: 'sheet strict', about: 'every figure from a sheet, calibrated frames only, no strand lost' },
  'field-repair': { name: 'field repair', about: 'plain tools and estimates allowed and written down' },
  'hobby-bench': { name: 'hobby bench', about: 'what works, written down or not' },
}
