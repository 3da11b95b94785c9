/** What `EndFace` says. */
export const endFaceWords = {
  inCavity: 'In cavity',
  countFrom: (kind: string) => `Count from the ${kind}`,
  end: (end: string) => `End ${end}`,
  wire: 'Wire',
}
