/** What `MatOverBody` says. */
export const matOverBodyWords = {
  title: 'The mat over the body',
  notToScale: 'DASHED: HOLES OF THE LIFTED MAT',
  described: (cavity: string, easy: readonly string[]) =>
    `Hole ${cavity} of the body, the mat’s hole hanging off it; easily hit instead: ${easy.join(', ')}`,
  countOnBody: (cavity: string) =>
    `Lifted, the mat hangs part of a row off: its hole and the body’s are two. Count on the body, to ${cavity}.`,
  easilyHit: (easy: readonly string[]) => (easy.length === 0 ? '' : `◆ Easily hit instead: ${easy.join(', ')}.`),
}
