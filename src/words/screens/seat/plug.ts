/** What `Plug` says. */
export const plugWords = {
  plug: 'Plug',
  plugs: (count: number) => `${String(count)} plugs`,
  headFlushWithSeal: ', head flush with the seal',
  eachFlush: ', each head flush with the seal',
  itIsIn: 'It is in',
  theyAreIn: 'They are in',
  isPlugged: (end: string, cavity: string) => `✓ ${end}.${cavity} is plugged`,
  unusedPlugIt: 'Unused: plug it',
  unusedPlugAll: (count: number) => `Unused: plug all ${String(count)} that are left`,
  openHoleLetsWater: (part: string) => `${part}. An open hole lets water in.`,
  plugged: 'Plugged',
  allPlugged: (count: number) => `All ${String(count)} plugged`,
  onlyThis: (cavity: string) => `Only ${cavity}`,
}
