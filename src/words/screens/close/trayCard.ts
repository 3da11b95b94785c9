/** What `TrayCard` says. */
export const trayCardWords = {
  back: 'Back:',
  isBack: (tool: string) => `${tool} is back`,
  brokenHousingOf: (end: string) => `Broken housing of ${end},`,
  withScrapAllOf: ': with the scrap, all of its pieces',
  itIsWithScrap: 'It is with the scrap',
  brokenOfWithScrap: (part: string, unitAndId: string) =>
    `Broken ${part} of ${unitAndId}: with the scrap, all of its pieces`,
  offCutsAndStrippings: 'Off-cuts and strippings swept up',
  allSweptUp: 'All swept up',
  nothingLeftInWork: 'Nothing left in the work',
  nothingIsLeft: 'Nothing is left',
  handTools: 'Hand tools back, each with its end',
  handToolsAreBack: 'Hand tools are back',
  countTray: 'Count the tray',
  countedAllToolsBack: '✓ Counted: all tools back, all scrap found.',
  missingFindItBefore: (missing: string) => `▲ Missing: ${missing}. Find it before anybody signs.`,
  noFrameHasBeen: 'No frame has been mounted in this job.',
  trayIsCounted: 'Tray is counted',
  scrappedContactsFoundOf: (scrapped: number) => `Scrapped contacts found, of ${String(scrapped)}`,
  somethingIsMissingWrite: 'Something is missing: write it',
}
