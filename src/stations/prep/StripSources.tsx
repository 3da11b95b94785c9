import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import type { Wire } from '@/core/record/plan/plan'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { stripAtOdds } from '@/core/record/standing/stripAtOdds'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { prepWords as words } from '@/words/screens/prep/prepItem'

/** Where a strip comes from; and what the house rules alone would ask, where the sheet's own allows more. */
export function StripSources({ wire, set }: { readonly wire: Wire; readonly set: ChosenSet }) {
  const { state } = useJob()
  const atOdds = stripAtOdds(state, wire, set)
  return (
    <div className={paneCss.sources}>
      <span>{words.stripFrom(set.stripFrom === 'sheet', rulesOf(state).name)}</span>
      {atOdds && <span>◆ {words.rulesWouldAsk(atOdds)}</span>}
      <span>{words.eyes}</span>
    </div>
  )
}
