import { parentPort } from 'node:worker_threads'
import { highsSolver } from '~~/solver/highs'
import { answer, type ThreadRequest } from './request'

/** A thread of the pool: one request after the other. Error classes do not cross a thread: their words do. */
const solver = highsSolver()
parentPort!.on('message', ({ id, request }: { id: number, request: ThreadRequest }) => {
  void solver.then(it => answer(request, it)).then(
    found => parentPort!.postMessage({ id, answer: found }),
    (error: Error) => parentPort!.postMessage({ id, problem: error.message }),
  )
})
