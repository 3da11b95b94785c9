export function countLines(text: string): number {
  let lines = 1
  for (let at = text.indexOf('\n'); at >= 0 && at < text.length - 1; at = text.indexOf('\n', at + 1)) lines++
  return lines
}
