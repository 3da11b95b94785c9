/** What [id]’s layout says. */
export const jobsLayoutWords = {
  noSuchJob: 'No such job',
}
