/** Hears an answer of lines of JSON, each as it comes; one that is no stream of lines is heard as its error. */
export async function readLines(response: Response, hear: (line: unknown) => void): Promise<void> {
  if (!response.ok) {
    const said = (await response.json()) as { readonly error?: { readonly message?: string } }
    hear({ message: said.error?.message ?? '' })
    return
  }
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const lines = (rest + part.value).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) hear(JSON.parse(line))
  }
}
