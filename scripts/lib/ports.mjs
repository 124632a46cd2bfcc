import { connect, createServer } from 'node:net'

/** Whether nothing listens on a loopback port. */
export function isFree(port) {
  return new Promise((resolve) => {
    const server = createServer()
    server.once('error', () => resolve(false))
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(true)))
  })
}

/** The first free port from `from` on. */
export async function freePort(from) {
  for (let port = from; port < from + 200; port++) {
    if (await isFree(port)) return port
  }
  throw new Error(`No free port from ${from} to ${from + 199}.`)
}

/** Whether something answers on a loopback port. */
export function answers(port) {
  return new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1')
    socket.once('connect', () => { socket.destroy(); resolve(true) })
    socket.once('error', () => resolve(false))
  })
}
