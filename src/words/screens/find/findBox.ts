/** What `FindBox` says. */
export const findBoxWords = {
  findOrScan: 'Find or scan',
  findWireCavityPart: 'Find a wire, a cavity, a part, a job or a station',
  wireCavityPartJob: 'wire, cavity, part, job, station',
  cameFromCalliperOr: (question: string) =>
    `${question} came from a calliper or scanner while no field was in focus. Where does it belong? Put the cursor in its field and send it again.`,
  found: 'Found',
  nothingHereIsCalled: (text: string) =>
    `Nothing here is called “${text}”. Try a wire id, a cavity like A.7, or a part.`,
}
