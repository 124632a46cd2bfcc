import { describe, expect, it } from 'vitest'
import { reactive } from 'vue'
import { answerAll, threadOf, type Asked } from './thread'

/** A thread that is none: what it is asked waits until it is answered here. */
class Thread extends EventTarget {
  readonly asked: Asked<number>[] = []
  postMessage(message: Asked<number>): void { this.asked.push(message) }
  answer(data: object): void { this.dispatchEvent(new MessageEvent('message', { data })) }
}

describe('a thread beside the page', () => {
  it('is made once, and each question gets its own answer, in whatever order they come', async () => {
    const made: Thread[] = []
    const thread = threadOf<object, string>(() => {
      made.push(new Thread())
      return made[0] as unknown as Worker
    })
    thread.open()
    const [one, other] = [thread.ask(reactive({ n: 1 })), thread.ask({ n: 2 })]
    expect([made.length, made[0]!.asked]).toEqual([1, [{ id: 1, ask: { n: 1 } }, { id: 2, ask: { n: 2 } }]])
    made[0]!.answer({ id: 2, answer: 'two' })
    made[0]!.answer({ id: 1, problem: 'No.' })
    await expect(one).rejects.toThrow('No.')
    expect(await other).toBe('two')
  })

  it('answers everything it is asked, and says what it cannot', () => {
    const said: unknown[] = []
    Object.assign(globalThis, { postMessage: (message: unknown) => said.push(message) })
    answerAll((n: number) => {
      if (n < 0) throw new Error('Below nothing.')
      return Math.sqrt(n)
    })
    for (const [id, ask] of [[1, 9], [2, -1]]) dispatchEvent(new MessageEvent('message', { data: { id, ask } }))
    expect(said).toEqual([{ id: 1, answer: 3 }, { id: 2, problem: 'Below nothing.' }])
  })
})
