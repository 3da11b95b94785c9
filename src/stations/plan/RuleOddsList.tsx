'use client'
import styles from './RuleOddsList.module.css'
import clsx from 'clsx'
import { ruleOddsListWords as words } from '@/words/screens/plan/ruleOddsList'
import { useToday } from '@/ui/frame/useToday'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { Link } from '@/ui/address/Link'
import { useMemo } from 'react'
import { ruleOdds } from '@/core/record/rules/ruleOdds'
import type { JobState } from '@/core/record/state/state'
import { list } from '@/words/figures'
import { ruleWords } from '@/words/rules'

/** Where the plan is at odds with the house rules that the job follows. */
export function RuleOddsList({ state }: { readonly state: JobState }) {
  const today = useToday()
  const odds = useMemo(() => ruleOdds(state, today), [state, today])
  return (
    <div className={clsx(paneCss.smallForm, styles.smaller)}>
      {odds.length === 0 ? (
        <p className={textCss.good}>{words.nothingIsAtOdds}</p>
      ) : (
        <ul className={paneCss.choices} aria-label={words.atOddsWithHouse}>
          {odds.map((one) => (
            <li key={`${one.rule} ${one.tool ?? ''}`}>
              <b className={one.weight === 'forbidden' ? textCss.fault : textCss.caution}>
                {one.weight === 'forbidden' ? '▲' : '◆'} {ruleWords[one.rule].name}
                {one.tool !== undefined && `: ${one.tool}`}
              </b>
              <span className={textCss.block}>
                {one.weight === 'forbidden' ? words.againstRules : words.allowedRecorded}: {list(one.where, 5)}
              </span>
            </li>
          ))}
        </ul>
      )}
      <Link href="/rules" className={textCss.plain}>
        {words.whatRulesSay}
      </Link>
    </div>
  )
}
