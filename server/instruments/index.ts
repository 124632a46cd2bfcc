import { InstrumentConnection, type InstrumentAddress } from './connection'

/**
 * Instruments of this installation by name: `INSTRUMENTS=gauge=127.0.0.1:7071,cuff=127.0.0.1:7072`.
 *
 * @throws Error when the setting cannot be read: a server that silently leaves an instrument out would be worse.
 */
export function instrumentAddresses(setting: string | undefined): InstrumentAddress[] {
  return (setting ?? '').split(',').map(part => part.trim()).filter(Boolean).map((part) => {
    const found = /^([a-z0-9-]{1,40})=([A-Za-z0-9.-]+):(\d{1,5})$/.exec(part)
    if (!found || Number(found[3]) > 65_535) throw new Error(`INSTRUMENTS: "${part}" does not read name=host:port.`)
    return { name: found[1]!, host: found[2]!, port: Number(found[3]) }
  })
}

let instruments: Map<string, InstrumentConnection> | null = null

/** The connections, opened when they are first asked for. */
export function useInstruments(): Map<string, InstrumentConnection> {
  instruments ??= new Map(
    instrumentAddresses(process.env.INSTRUMENTS).map(address => [address.name, new InstrumentConnection(address)]),
  )
  return instruments
}

export function closeInstruments(): void {
  for (const connection of instruments?.values() ?? []) connection.close()
  instruments = null
}
