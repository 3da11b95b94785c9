/** What [paper]’s route says. */
export const papersRouteWords = {
  noJob: (id: string) => `no job ${id}`,
  sheetCouldNotBe: 'The sheet could not be made; the id stands in the log.',
  noLayout: 'nobody has said how the bundle lies: lay it out at Close',
  noPaper: (paper: string) => `no paper ${paper}`,
}
