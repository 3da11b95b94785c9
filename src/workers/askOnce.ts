/**
 * Puts one question to a worker that was made for it, and ends it with the answer. An abort ends it, whatever it is doing.
 * @param broken the answer when the worker itself fails
 * @returns the answer; undefined when it was stopped
 */
export function askOnce<A>(worker: Worker, question: unknown, signal: AbortSignal, broken: A): Promise<A | undefined> {
  return new Promise((resolve) => {
    const end = (answer?: A) => {
      worker.terminate()
      resolve(answer)
    }
    if (signal.aborted) return end()
    signal.addEventListener('abort', () => end())
    worker.onmessage = (event: MessageEvent<A>) => end(event.data)
    worker.onerror = () => end(broken)
    worker.postMessage(question)
    return undefined
  })
}
