import { connect, type Socket } from 'node:net'
import { fail, ok, type Result } from '@/core/base/result'
import type { DeviceFault } from '@/core/base/instrument/deviceFault'

export interface LinkOptions {
  readonly host: string
  readonly port: number
  /** for the connection and for each line */
  readonly timeoutMs?: number
  readonly signal?: AbortSignal
}

/** A line of an instrument longer than this is none: a peer that sends without end is cut off. */
const LINE_BYTES = 4096
const TIMEOUT_MS = 2000

/**
 * A line protocol over TCP in the manner of IEEE 488.2: a command or a question a line, an answer a line. One question at a
 * time; whatever goes wrong is a fault, never half an answer.
 */
export interface LineLink {
  /** sends a command that has no answer */
  readonly tell: (command: string) => void
  /** asks, and waits for one line */
  readonly ask: (question: string) => Promise<Result<string, DeviceFault>>
  /** asks, and hears each line until one of them is the last */
  readonly listen: (question: string, hear: (line: string) => boolean) => Promise<Result<undefined, DeviceFault>>
  readonly close: () => void
  readonly isOpen: () => boolean
}

/** Opens a link. */
export function openLink({
  host,
  port,
  timeoutMs = TIMEOUT_MS,
  signal,
}: LinkOptions): Promise<Result<LineLink, DeviceFault>> {
  return new Promise((resolve) => {
    const socket = connect({ host, port })
    socket.setNoDelay(true)
    const timer = setTimeout(() => settle(fail({ kind: 'unreachable', host, port })), timeoutMs)
    const settle = (result: Result<LineLink, DeviceFault>) => {
      clearTimeout(timer)
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
    socket.once('connect', () => settle(ok(linkOver(socket, timeoutMs))))
  })
}

function linkOver(socket: Socket, timeoutMs: number): LineLink {
  let rest = ''
  let waiting:
    | {
        readonly asked: string
        readonly hear: (line: string) => boolean
        readonly settle: (result: Result<undefined, DeviceFault>) => void
      }
    | undefined
  let timer: NodeJS.Timeout | undefined
  let queue: Promise<unknown> = Promise.resolve()
  const end = (result: Result<undefined, DeviceFault>) => {
    clearTimeout(timer)
    const now = waiting
    waiting = undefined
    now?.settle(result)
  }
  const watch = () => {
    clearTimeout(timer)
    const asked = waiting?.asked ?? ''
    timer = setTimeout(() => {
      // a late answer would be taken for that of the next question: the link is of no use any more
      end(fail({ kind: 'timeout', asked, afterMs: timeoutMs }))
      socket.destroy()
    }, timeoutMs)
  }
  socket.setEncoding('utf8')
  socket.on('data', (chunk: string) => {
    rest += chunk
    for (let at = rest.indexOf('\n'); at >= 0; at = rest.indexOf('\n')) {
      const line = rest.slice(0, at).replace(/\r$/, '')
      rest = rest.slice(at + 1)
      if (!waiting) continue
      if (waiting.hear(line)) end(ok(undefined))
      else watch()
    }
    if (rest.length > LINE_BYTES) {
      end(fail({ kind: 'rubbish', asked: waiting?.asked ?? '', got: rest.slice(0, 40) }))
      socket.destroy()
    }
  })
  socket.on('close', () => end(fail({ kind: 'broken-off', asked: waiting?.asked ?? '', got: rest.slice(0, 40) })))
  const send = (line: string) => socket.writable && socket.write(`${line}\n`)
  const listen: LineLink['listen'] = (question, hear) => {
    const turn = queue.then(
      () =>
        new Promise<Result<undefined, DeviceFault>>((settle) => {
          if (socket.destroyed) return settle(fail({ kind: 'broken-off', asked: question, got: '' }))
          waiting = { asked: question, hear, settle }
          watch()
          send(question)
          return undefined
        }),
    )
    queue = turn
    return turn
  }
  return {
    tell: (command) => void queue.then(() => send(command)),
    listen,
    ask: async (question) => {
      let answer = ''
      const heard = await listen(question, (line) => {
        answer = line
        return true
      })
      return heard.ok ? ok(answer) : heard
    },
    close: () => socket.destroy(),
    isOpen: () => !socket.destroyed && socket.writable,
  }
}
