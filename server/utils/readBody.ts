import { getRequestHeader, type H3Event } from 'h3'
import { AppError } from '~~/shared/errors'

/** Largest body taken, bytes: a week with every strip full is under 100 kB. */
const MAX_BODY_BYTES = 1_000_000

/**
 * The JSON body of a request, read up to a limit whatever its headers say.
 *
 * @throws AppError `tooLarge`, or `unreadable` for anything that is not JSON in UTF-8.
 */
export async function readJson(event: H3Event): Promise<unknown> {
  if (!/^application\/json\b/i.test(getRequestHeader(event, 'content-type') ?? '')) throw unreadable()
  const bytes = await readBytes(event)
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes), refusePrototype) as unknown
  }
  catch {
    throw unreadable()
  }
}

async function readBytes(event: H3Event): Promise<Buffer> {
  const chunks: Buffer[] = []
  let size = 0
  for await (const chunk of event.node.req as AsyncIterable<Buffer>) {
    size += chunk.length
    // What is over is read and dropped, so that the answer reaches the sender.
    if (size <= MAX_BODY_BYTES) chunks.push(chunk)
    else if (size > 20 * MAX_BODY_BYTES) event.node.req.destroy()
  }
  if (size > MAX_BODY_BYTES) throw new AppError('tooLarge', 'This is too large to be sent: 1 MB at most.')
  return Buffer.concat(chunks)
}

function refusePrototype(key: string, value: unknown): unknown {
  if (key === '__proto__') throw unreadable()
  return value
}

const unreadable = (): AppError => new AppError('unreadable', 'The request cannot be read.')
