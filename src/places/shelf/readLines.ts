/**
 * Reads an answer that comes line by line in JSON.
 * @param onLine is told each line as it comes
 * @returns the last line; undefined when there was none
 */
export async function readLines<T>(response: Response, onLine: (line: T) => void): Promise<T | undefined> {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  let last: T | undefined
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const lines = (rest + part.value).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) {
      last = JSON.parse(line) as T
      onLine(last)
    }
  }
  return last
}
