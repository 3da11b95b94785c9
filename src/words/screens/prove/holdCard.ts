/** What `HoldCard` says. */
export const holdCardWords = {
  asked: 'Holds, by its sheet',
  bySheet: 'its cavity, not its crimp',
  wire: 'Contact',
  thisContact: 'This contact',
  callOut: (doIt: string, point: string) => `${doIt} ${point}`,
  notHome: 'It is not home yet',
  held: (timeOfDay: string, force: string | undefined) =>
    `✓ Held at ${timeOfDay}${force === undefined ? '' : `, ${force} read`}`,
  didNotHold: '▲ It did not hold',
  retention: 'Does its cavity hold it?',
  'hand-pull': 'Does its crimp hold the wire?',
  how: {
    retention: 'Set the gauge to the figure, tip on the contact from the mating face, square, until the gauge gives.',
    'hand-pull': 'Wire in the fingers, straight, steady, no jerk.',
  },
  gaugeShows: (unit: string) => `Gauge shows, ${unit}`,
  notRead: 'not read',
  pullAgainHolds: 'Again: it holds',
  note: {
    retention: 'What moves is not home: Seat takes it out and seats it again. Its net is probed anew.',
    'hand-pull': 'A pull by hand shows what holds nothing, never a figure. What comes off is cut off and made again.',
  },
}
