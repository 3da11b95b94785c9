/** What `CribPlace` says. */
export const cribPlaceWords = {
  crib: 'Crib',
  tools: 'Tools',
  newTool: 'New tool',
  nothingIsOverdue: 'Nothing is overdue',
  overdue: (overdue: string) => `Overdue: ${overdue}`,
  toolsWithTheirDates: 'Tools with their dates',
  tool: 'tool',
  name: 'name',
  classWord: 'class',
  contactsSince: 'contacts since',
  verified: 'verified',
  due: 'due',
  none: 'none',
}
