import type { FirstNeed } from '@/core/views/missingForFirstJob'

/** What `FirstStart` says. */
export const firstStartWords = {
  begin: 'Begin in one of three ways',
  thenBegin: 'Then begin in one of three ways',
  connector: 'Put your connector on the shelf',
  connectorWhy: 'Have its data sheet beside you; each step shows what it asks for.',
  connectorDo: 'Begin',
  package: 'Read a package in',
  packageWhy: 'Somebody gave you a family as a file, with its contacts and settings.',
  packageDo: 'Open a file',
  practice: 'Look around in the practice workshop',
  practiceWhy: 'Made-up jobs to try things on, kept apart from yours; the same switch leads back.',
  practiceSwitch: 'Practice',
  practiceOpens: 'The workshop is being laid out: a few seconds the first time.',
  practiceNot: 'Your own data is as it was.',
}

/** What `MissingPanel` says. */
export const missingPanelWords = {
  title: 'Missing for a first job',
  now: 'now',
  there: 'there',
  about: 'With the sheet, the tools and a reel of wire at hand: about 30 minutes to the first crimp.',
  keptAt: (where: string) => `All is kept on this machine, in ${where}`,
  keptInServer: 'All is kept in the PostgreSQL database that this bench was started with.',
  needs: {
    name: ['A name', 'who works here', ''],
    connector: ['A connector', 'face, contacts, seals, lock; its mate too', 'Shelf'],
    wire: ['A wire', 'gauge and insulation', 'Shelf'],
    'crimp-tool': ['A crimp tool', 'own mark, dies or positioners', 'Crib'],
    stripper: ['A stripper', 'its notches', 'Crib'],
    setting: ['A setting that joins them', 'one row of the tool’s card', 'Crib'],
    pinout: ['A pinout', 'typed or pasted', 'New job'],
  } satisfies Record<FirstNeed, readonly [string, string, string]>,
}
