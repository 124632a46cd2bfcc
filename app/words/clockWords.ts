/** "16:20", by the clock of this device. */
export const clockTime = (at: number | string): string =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
