import { createServer, request, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo, Socket } from 'node:net'

/**
 * What lies between a device and the server: it can be cut, and it can carry another version of the application than
 * was there before.
 */
export class Line {
  url = ''
  isCut = false
  private version = 0
  private readonly sockets = new Set<Socket>()

  constructor(private readonly server: string) {}

  async open(): Promise<void> {
    const relay = createServer((asked, answer) => this.carry(asked, answer))
    relay.on('connection', (socket: Socket) => {
      if (this.isCut) socket.destroy()
      this.sockets.add(socket)
      socket.on('error', () => undefined)
      socket.on('close', () => this.sockets.delete(socket))
    })
    await new Promise<void>(done => relay.listen(0, '127.0.0.1', done))
    relay.unref()
    this.url = `http://127.0.0.1:${(relay.address() as AddressInfo).port}`
  }

  cut(is: boolean): void {
    this.isCut = is
    if (is) for (const socket of this.sockets) socket.destroy()
  }

  /** From now on the application is another one than before. */
  release(): void {
    this.version += 1
  }

  private carry(asked: IncomingMessage, answer: ServerResponse): void {
    if (this.isCut) {
      asked.socket.destroy()
      return
    }
    const { hostname, port } = new URL(this.server)
    const isWorker = asked.url === '/serviceWorker.js'
    const headers = { ...asked.headers, ...isWorker ? { 'if-none-match': '', 'accept-encoding': 'identity' } : {} }
    const passed = request({ hostname, port, path: asked.url, method: asked.method, headers }, (from) => {
      from.on('error', () => answer.destroy())
      if (!isWorker) {
        answer.writeHead(from.statusCode ?? 502, from.headers)
        from.pipe(answer)
        return
      }
      const { 'content-length': _, etag: __, ...rest } = from.headers
      answer.writeHead(from.statusCode ?? 502, rest)
      from.on('data', (part: Buffer) => answer.write(part))
      from.on('end', () => answer.end(`\n// release ${this.version}\n`))
    })
    // A server that is down is a line that is down.
    passed.on('error', () => asked.socket.destroy())
    answer.on('error', () => passed.destroy())
    asked.pipe(passed)
  }
}
