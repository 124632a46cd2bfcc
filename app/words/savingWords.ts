/** How far something that is edited is stored. */
export type Saving = 'stored' | 'waiting' | 'saving' | 'choose' | 'refused' | 'noConnection' | 'signedOut'

const SAVING: Readonly<Record<Exclude<Saving, 'stored'>, string>> = {
  waiting: 'Not stored yet', saving: 'Storing …', choose: 'Waiting for your choice', refused: 'Not stored',
  noConnection: 'No connection: kept here', signedOut: 'Session ended: kept here',
}

export function savingText(saving: Saving, storedAt: Date | null, version: number): string {
  if (saving !== 'stored') return SAVING[saving]
  if (storedAt) return `Stored ${storedAt.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}`
  return version === 0 ? 'New week' : 'Stored'
}
