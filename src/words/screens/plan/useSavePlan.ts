/** What plan’s useSavePlan says. */
export const useSavePlanWords = {
  nothingWasChangedWhat: 'Nothing was changed; what you typed is kept.',
}
