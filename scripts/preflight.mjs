import { createServer } from 'node:net'

/** What must hold before anything is started. Each fault is one sentence. */

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '::1'])
const NODE_AT_LEAST = [20, 19]

/** Is the port free to listen on? undefined when it is, else the system's code. */
const portFault = (host, port) =>
  new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', (error) => resolve(error.code))
    probe.listen(port, host, () => probe.close(() => resolve(undefined)))
  })

export function nodeFault(version = process.versions.node) {
  const [major = 0, minor = 0] = version.split('.').map(Number)
  const [needMajor, needMinor] = NODE_AT_LEAST
  return major > needMajor || (major === needMajor && minor >= needMinor)
    ? undefined
    : `Urn Bench needs Node.js ${needMajor}.${needMinor} or newer; this is ${version}. Install a newer one.`
}

/** Why nothing can listen at this address, or undefined. */
export async function addressFault(host, said) {
  if (!LOOPBACK.has(host))
    return `HOST=${host}: Urn Bench has no sign-in yet, so it listens on this machine only. Leave HOST out, or set it to 127.0.0.1.`
  const port = Number(said)
  if (!/^\d+$/.test(said) || port < 1 || port > 65535)
    return `PORT=${said} is no port. Give a number from 1 to 65535, or leave it out.`
  const code = await portFault(host, port)
  return code === undefined ? undefined : listenFault(host, port, code)
}

/** Why a server could not listen, by the system's code. */
export function listenFault(host, port, code) {
  switch (code) {
    case 'EADDRINUSE':
      return `Port ${port} is taken by another program. Stop that, or set PORT to another number.`
    case 'EACCES':
      return `Port ${port} is kept for the system. Set PORT to a number from 1024 on.`
    default:
      return `Nothing can listen on ${host}:${port} here. Set PORT to another number.`
  }
}
