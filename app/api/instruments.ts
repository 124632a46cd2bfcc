import type { InstrumentCommand } from '~~/core/instruments'
import type { InstrumentEvent, InstrumentState } from '~~/shared/types'
import { call } from './call'
import { write } from './writes'

export const fetchInstruments = (): Promise<{ instruments: InstrumentState[] }> => call('/api/instruments')
export const askInstrument = (name: string, command: InstrumentCommand): Promise<{ asked: boolean }> =>
  write('An instrument', 'POST', '/api/instruments/command', { name, command })

/**
 * Watches an instrument until the answer is called. `lost` is told when the line to the server breaks; the browser asks
 * again by itself.
 */
export function watchInstrument(name: string, hear: (event: InstrumentEvent) => void, lost: () => void): () => void {
  const source = new EventSource(`/api/instruments/stream?name=${encodeURIComponent(name)}`)
  source.onmessage = message => hear(JSON.parse(message.data as string) as InstrumentEvent)
  source.onerror = lost
  return () => source.close()
}
