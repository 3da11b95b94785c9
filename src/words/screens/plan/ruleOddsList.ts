/** What `RuleOddsList` says. */
export const ruleOddsListWords = {
  nothingIsAtOdds: '✓ Nothing is at odds with these rules.',
  atOddsWithHouse: 'At odds with the house rules',
  againstRules: 'against the rules',
  allowedRecorded: 'allowed, recorded',
  whatRulesSay: 'What the rules say',
}
