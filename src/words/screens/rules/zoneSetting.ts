/** What House rules say of the bench's day. */
export const zoneWords = {
  title: 'The bench’s day',
  label: 'Time zone of this bench',
  about: (now: string) =>
    `It is ${now} at this bench. “Today”, due dates, “each day” and every time that is shown go by this clock, whichever browser looks.`,
  unknown: (zone: string) => `“${zone}” is no time zone that this machine knows: pick one from the list.`,
  unwritten: 'The zone stays as it was.',
}
