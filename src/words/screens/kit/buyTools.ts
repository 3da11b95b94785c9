import { figure, money, plural } from '@/words/figures'

/** What `BuyTools` says. */
export const buyToolsWords = {
  benchTool: 'bench tool',
  backToTerminations: 'Back to the terminations',
  toolsToBuyOr: 'Tools to buy or borrow',
  cribCrimpsEverythingOf: '✓ The crib crimps everything of this job that has a contact at all.',
  whatCribCannotCrimp: 'what the crib cannot crimp',
  priceNotKnown: 'price not known',
  estimate: '◆ estimate',
  cheapestTools: 'Cheapest tools',
  nothingToBuy: 'Nothing to buy',
  cheapest: (price: number) => `Cheapest: ${money(price)}`,
  workingItOut: 'Working it out…',
  provenNoCheaperTools: 'Proven: no cheaper tools crimp all of it.',
  notProvenAtLeast: (bound: number) => `Not proven: at least ${figure(bound, 2)}.`,
  noToolWithPrice: (count: number) => `◆ No tool with a price for ${plural(count, 'class', 'classes')}: see the table.`,
  underJobsHouseRules: 'Under the job’s house rules: a class of tool that they rule out is not offered.',
}
