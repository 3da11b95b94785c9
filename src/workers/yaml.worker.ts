import { readYaml } from '@/formats/yaml'

/** Reads YAML beside the page: text in, the same document as JSON or a fault out. Ending the worker cancels it. */
self.onmessage = (event: MessageEvent<string>) => {
  const read = readYaml(event.data)
  self.postMessage(read.ok ? { ok: true, value: JSON.stringify(read.value) } : read)
}
