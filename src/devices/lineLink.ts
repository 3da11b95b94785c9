import { connect, type Socket } from 'node:net'
import { fail, ok, type Result } from '@/core/base/result'
import type { DeviceFault } from '@/core/base/instrument/deviceFault'

export interface LinkOptions {
  readonly host: string
  readonly port: number
  /** for each line */
  readonly timeoutMs?: number
  /** for the connection; as long as for a line unless it is said */
  readonly connectMs?: number
  readonly signal?: AbortSignal
}

/** A line of an instrument longer than this is none: a peer that sends without end is cut off. */
const LINE_BYTES = 32_768
const TIMEOUT_MS = 2000

/**
 * A line protocol over TCP in the manner of IEEE 488.2: a command or a question a line, an answer a line. One question at a
 * time; whatever goes wrong is a fault, never half an answer.
 */
export interface LineLink {
  /** sends a command that has no answer */
  readonly tell: (command: string) => void
  /** asks, and waits for one line: as long as the link does for any, or as it is said */
  readonly ask: (question: string, withinMs?: number) => Promise<Result<string, DeviceFault>>
  /** asks, and hears each line until one of them is the last */
  readonly listen: (
    question: string,
    hear: (line: string) => boolean,
    withinMs?: number,
  ) => Promise<Result<undefined, DeviceFault>>
  readonly close: () => void
  readonly isOpen: () => boolean
}

/**
 * Acts when nothing came for so long. A bench that was busy itself meanwhile has yet to hear what came: sockets are read between
 * a timer and an immediate.
 * @returns calls it off
 */
function overdue(ms: number, act: () => void): () => void {
  let last: NodeJS.Immediate | undefined
  const timer = setTimeout(() => (last = setImmediate(act)), ms)
  return () => {
    clearTimeout(timer)
    clearImmediate(last)
  }
}

/** Opens a link. */
export function openLink({
  host,
  port,
  timeoutMs = TIMEOUT_MS,
  connectMs = timeoutMs,
  signal,
}: LinkOptions): Promise<Result<LineLink, DeviceFault>> {
  return new Promise((resolve) => {
    const socket = connect({ host, port })
    socket.setNoDelay(true)
    const arrived = overdue(connectMs, () => settle(fail({ kind: 'unreachable', host, port })))
    const settle = (result: Result<LineLink, DeviceFault>) => {
      arrived()
      socket.removeAllListeners('error')
      socket.on('error', () => socket.destroy())
      if (!result.ok) socket.destroy()
      resolve(result)
    }
    signal?.addEventListener('abort', () => {
      settle(fail({ kind: 'stopped' }))
      socket.destroy()
    })
    socket.once('error', () => settle(fail({ kind: 'unreachable', host, port })))
    socket.once('connect', () => settle(ok(new SocketLink(socket, timeoutMs))))
  })
}

interface Waiting {
  readonly asked: string
  readonly withinMs: number
  readonly hear: (line: string) => boolean
  readonly settle: (result: Result<undefined, DeviceFault>) => void
}

/** One question at a time over a socket. Whatever goes wrong closes it, so that no late answer is taken for another's. */
class SocketLink implements LineLink {
  private rest = ''
  private waiting: Waiting | undefined
  private unwatch = (): void => undefined
  private queue: Promise<unknown> = Promise.resolve()

  constructor(
    private readonly socket: Socket,
    private readonly timeoutMs: number,
  ) {
    socket.setEncoding('utf8')
    socket.on('data', (chunk: string) => this.take(chunk))
    socket.on('close', () => this.breakOff(this.rest.slice(0, 40)))
  }

  readonly tell = (command: string): void => void this.queue.then(() => this.send(command))

  readonly listen: LineLink['listen'] = (question, hear, withinMs = this.timeoutMs) => {
    const turn = this.queue.then(
      () =>
        new Promise<Result<undefined, DeviceFault>>((settle) => {
          if (this.socket.destroyed) return settle(fail({ kind: 'broken-off', asked: question, got: '' }))
          this.waiting = { asked: question, withinMs, hear, settle }
          this.watch(this.waiting)
          this.send(question)
          return undefined
        }),
    )
    this.queue = turn
    return turn
  }

  readonly ask: LineLink['ask'] = async (question, withinMs) => {
    let answer = ''
    const heard = await this.listen(
      question,
      (line) => {
        answer = line
        return true
      },
      withinMs,
    )
    return heard.ok ? ok(answer) : heard
  }

  readonly close = (): void => void this.socket.destroy()
  readonly isOpen = (): boolean => !this.socket.destroyed && this.socket.writable

  private send(line: string): void {
    if (this.socket.writable) this.socket.write(`${line}\n`)
  }

  private end(result: Result<undefined, DeviceFault>): void {
    this.unwatch()
    const now = this.waiting
    this.waiting = undefined
    now?.settle(result)
  }

  private breakOff(got: string): void {
    this.end(fail({ kind: 'broken-off', asked: this.waiting?.asked ?? '', got }))
  }

  private watch({ asked, withinMs: afterMs }: Waiting): void {
    this.unwatch()
    this.unwatch = overdue(afterMs, () => {
      // a late answer would be taken for that of the next question: the link is of no use any more
      this.end(fail({ kind: 'timeout', asked, afterMs }))
      this.socket.destroy()
    })
  }

  private take(chunk: string): void {
    this.rest += chunk
    for (let at = this.rest.indexOf('\n'); at >= 0; at = this.rest.indexOf('\n')) {
      const line = this.rest.slice(0, at).replace(/\r$/, '')
      this.rest = this.rest.slice(at + 1)
      if (!this.waiting) continue
      if (this.waiting.hear(line)) this.end(ok(undefined))
      else this.watch(this.waiting)
    }
    if (this.rest.length <= LINE_BYTES) return
    this.end(fail({ kind: 'rubbish', asked: this.waiting?.asked ?? '', got: this.rest.slice(0, 40) }))
    this.socket.destroy()
  }
}
