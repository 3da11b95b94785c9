import { createServer } from 'node:http'
import next from 'next'
import { requestGuardFile } from './build.mjs'
import { listenFault } from './preflight.mjs'

/**
 * The server process: the app behind a guard that answers what the framework would not answer in JSON. It is started by
 * `start.mjs`, which says when it is up.
 */
const host = process.env.HOST ?? '127.0.0.1'
const port = Number(process.env.PORT ?? '4100')

const { guard, rawAnswer } = await import(requestGuardFile)
const app = next({ dev: false, hostname: host, port })
await app.prepare()
const handle = app.getRequestHandler()
const server = createServer((request, response) => guard(request, response) || void handle(request, response))
// longer than any screen is silent, so that no entry is sent into a connection that closes
server.keepAliveTimeout = 75_000
server.headersTimeout = 80_000
server.on('clientError', (_error, socket) => (socket.writable ? socket.end(rawAnswer()) : socket.destroy()))
server.on('error', (error) => {
  console.error(listenFault(host, port, error.code))
  process.exit(1)
})
server.listen(port, host)
