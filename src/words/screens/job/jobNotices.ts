/** What `JobNotices` says. */
export const jobNoticesWords = {
  closeNotice: 'Close the notice',
  whoIsAtThis: 'Who is at this bench?',
  isHere: (name: string) => `✓ ${name} is at this bench.`,
  reopened: 'The record is open again.',
  nobodyWorksHere: 'Nobody works here yet: say who you are',
  signed: '✓ Signed.',
  recordIsClosedTo: 'The record is closed. To go on, reopen it at Close with a reason.',
  writeItAgain: 'Write it again',
  dropIt: 'Drop it',
  close: 'Close',
}
