import { plural } from '@/words/figures'

/** What `TodayPlace` says. */
export const todayPlaceWords = {
  newJobFromPinout: 'New job from a pinout',
  resume: (title: string) => `Resume ${title}`,
  openJobByIts: 'Open a job by its place (1 to 9)',
  urnBench: 'Urn Bench',
  fromPinoutInCsv: 'from a pinout in CSV',
  noJobIsOpen: 'no job is open',
  open: (count: number) => `${plural(count, 'job')} open`,
  operator: 'Operator',
  whoIsAtThis: 'Who is at this bench?',
  crib: 'Crib',
  everyCalibratedFrameIs: 'Every calibrated frame is verified for the next 30 days.',
  closedJobs: 'Closed jobs',
  closed: 'Closed',
  signed: '✓ signed',
  cautions: 'Cautions',
  beforeConnectorIsOpened: 'Before a connector is opened',
  isolateAndLockOff:
    'Isolate and lock off the supply, discharge capacitors, cover solar panels. Airbag and belt tensioner circuits: trained people only, never a meter. Traction voltage and mains: licensed people, local codes.',
  nothingHereReplacesMakers: 'Nothing here replaces the maker’s sheet.',
  thisIsWhereYour: 'This is where your open jobs stand, each with its next step.',
  beginWithPinoutCsv:
    'Begin with a pinout: a CSV with one row a wire. Every contact, seal and setting follows from it.',
  progress: 'Progress',
  ofWord: (done: number, total: number) => ` ${String(done)} of ${String(total)}`,
  resumeIt: 'Resume',
  openIt: 'Open',
}
