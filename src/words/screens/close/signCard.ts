import { plural } from '@/words/figures'

/** What `SignCard` says. */
export const signCardWords = {
  iHaveReadRecord: 'I have read the record',
  iHaveReadIt: 'I have read it',
  whatItSaysIs: 'What it says is what I did',
  itIsWhatI: 'It is what I did',
  signedAndClosed: '✓ Signed and closed',
  reopenItBecause: 'Reopen it, because',
  reopenJob: 'Reopen the job',
  signatureStaysReadableAnd: 'The signature stays readable and says which entries it covers.',
  buildersSignature: 'Builder’s signature',
  secondSignature: 'Second signature',
  notYet: '◆ Not yet.',
  left: (left: number, tasks: string) => `${plural(left, 'task')} left: ${tasks}.`,
  countTrayFirst: 'Count the tray first.',
  bundle: (left: number) => `bundle ${String(left)}`,
  pinOf: (name: string) => `PIN of ${name}`,
  nothingSigned: 'Nothing was signed.',
  countersigned: '✓ Signed by a second person',
  notTheFirst: 'The second person is another one: whoever built it has signed already. Pick who is here, in the frame.',
  waitsForBuilder: 'It waits for the builder’s signature.',
  nobody: 'Nobody',
  signsForEntriesTo: 'signs for entries 1 to',
  signAndClose: 'Sign and close',
  aircraftMarineSafetyAnd:
    'Aircraft, marine safety and medical harnesses need approved data and an authorised signature: this is neither.',
}
