import { createServer, type Server, type Socket } from 'node:net'

/** What a command does: gives the line to answer, lines over time, an error of the instrument, or nothing. */
export type ScpiReply =
  | string
  | undefined
  | { readonly error: readonly [number, string] }
  | { readonly stream: (send: (line: string) => void, over: () => void) => () => void }

export interface ScpiInstrument {
  /** maker, model, serial number, version */
  readonly identity: readonly [string, string, string, string]
  /** by header in capitals, long form cut to its short form: `MEAS:FORC?` */
  readonly commands: Readonly<Record<string, (argument: string) => ScpiReply>>
}

/** Errors of SCPI-1999, volume 1. */
const UNDEFINED_HEADER: readonly [number, string] = [-113, 'Undefined header']
const LINE_BYTES = 32_768
const ERRORS_KEPT = 20

/** `measure:force?` becomes `MEAS:FORC?`: each word in capitals, its first four letters, or three when the fourth is a vowel. */
export function shortHeader(said: string): string {
  return said
    .toUpperCase()
    .split(':')
    .map((word) => {
      const query = word.endsWith('?') ? '?' : ''
      const letters = word.replace('?', '')
      const short = letters.length <= 4 ? letters : letters.slice(0, /[AEIOU]/.test(letters[3] ?? '') ? 3 : 4)
      return short + query
    })
    .join(':')
}

/**
 * Serves an instrument over TCP on this machine.
 * @param port 0 for any free one
 */
export function serveInstrument(
  instrument: ScpiInstrument,
  port = 0,
): Promise<{ readonly port: number; readonly close: () => Promise<void> }> {
  const sockets = new Set<Socket>()
  const server: Server = createServer((socket) => {
    sockets.add(socket)
    socket.on('close', () => sockets.delete(socket))
    socket.on('error', () => socket.destroy())
    serve(instrument, socket)
  })
  return new Promise((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, '127.0.0.1', () => {
      const address = server.address()
      resolve({
        port: typeof address === 'object' && address ? address.port : port,
        close: () =>
          new Promise((closed) => {
            for (const socket of sockets) socket.destroy()
            server.close(() => closed())
          }),
      })
    })
  })
}

function serve({ identity, commands }: ScpiInstrument, socket: Socket): void {
  const errors: (readonly [number, string])[] = []
  let stop: (() => void) | undefined
  const send = (line: string) => socket.writable && socket.write(`${line}\n`)
  const common: ScpiInstrument['commands'] = {
    '*IDN?': () => identity.join(','),
    '*CLS': () => {
      errors.length = 0
      return undefined
    },
    '*RST': () => undefined,
    '*OPC?': () => '1',
    'SYST:ERR?': () => {
      const [number, text] = errors.shift() ?? [0, 'No error']
      return `${number},"${text}"`
    },
  }
  let rest = ''
  socket.setEncoding('utf8')
  socket.on('close', () => stop?.())
  socket.on('data', (chunk: string) => {
    rest += chunk
    if (rest.length > LINE_BYTES) {
      socket.destroy()
      return
    }
    const lines = rest.split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines.map((one) => one.trim()).filter((one) => one !== '')) {
      const [said = '', ...argument] = line.split(/\s+(.*)/s)
      const header = said.startsWith('*') ? said.toUpperCase() : shortHeader(said)
      const command = common[header] ?? (Object.hasOwn(commands, header) ? commands[header] : undefined)
      const reply = command ? command((argument[0] ?? '').trim()) : { error: UNDEFINED_HEADER }
      if (typeof reply === 'string') send(reply)
      else if (reply && 'error' in reply) {
        if (errors.length < ERRORS_KEPT) errors.push(reply.error)
      } else if (reply) {
        stop?.()
        stop = reply.stream(send, () => {
          stop = undefined
        })
      }
    }
  })
}
