import { plural } from '@/words/figures'

/** What the outbox says: entries that are not written yet. */
export const outboxWords = {
  wait: (count: number, about: string) => `${plural(count, 'entry waits', 'entries wait')}: ${about}`,
  ask: (count: number, about: string) => `${plural(count, 'entry', 'entries')} to decide about: ${about}`,
  title: 'Not written yet',
  why: 'The bench did not take them. They are kept in this browser, in order, and are sent by themselves as soon as it answers.',
  decide: 'The bench does not take them as they are. They are kept in this browser until you decide.',
  noRoom: 'The disk of the bench is full. They are kept in this browser and are sent as soon as there is room.',
  tryNow: 'Try now',
  writeAgain: 'Write it again',
  drop: 'Drop it',
  openJob: 'Open its job',
  conflict: 'Somebody else changed the same thing in between.',
  refused: (why: string) => `The bench refuses it: ${why}`,
}
