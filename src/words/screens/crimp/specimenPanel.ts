/** What `SpecimenPanel` says. */
export const specimenPanelWords = {
  asReported: 'As reported',
  howItShouldLook: 'How it should look',
  madeOn: (contact: string, type: string, colour: string) => `${contact} on ${type} ${colour}`,
  asReportedMark: 'AS REPORTED',
  sideToScale: '· SIDE, TO SCALE',
  sideNotToScale: '· SIDE, NOT TO SCALE',
  section: 'compaction',
  asMeasured: 'compaction as measured',
}
