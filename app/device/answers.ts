import { database, type KeptAnswer } from './database'
import { whose } from './kept'

/** Keeps an answer; a device without room goes on without. */
export async function keepAnswer(path: string, answer: unknown, tag: string | null = null): Promise<void> {
  const person = whose()
  await database().then(async (db) => {
    // On the disk before it counts: a tablet whose battery is taken out in the next moment starts with it.
    const tx = db.transaction('answers', 'readwrite', { durability: 'strict' })
    await Promise.all([tx.store.put({ person, path, at: Date.now(), answer, tag }), tx.done])
  }).catch(() => undefined)
}

/** An answer that was read today by this person on this device: what is older may have been changed by anybody. */
export async function answerOfToday(path: string): Promise<KeptAnswer | null> {
  const found = await database().then(db => db.get('answers', [whose(), path])).catch(() => undefined)
  return found && sameDay(found.at, Date.now()) ? found : null
}

const sameDay = (a: number, b: number): boolean => new Date(a).toDateString() === new Date(b).toDateString()

/** Forgets what was read, by whomever: nobody's things are left for the next person. */
export async function forgetAnswers(): Promise<void> {
  await database().then(db => db.clear('answers')).catch(() => undefined)
}
