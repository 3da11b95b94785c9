/** What export’s route says. */
export const exportRouteWords = {
  noFamily: (family: string) => `no family ${family}`,
}
