import { parentPort } from 'node:worker_threads'
import { highsSolver } from '~~/solver/highs'
import { answerWeek, type WeekRequest } from './request'

/** A thread of the pool: one request after the other. Error classes do not cross a thread: their words do. */
const solver = highsSolver()
parentPort!.on('message', ({ id, request }: { id: number, request: WeekRequest }) => {
  void solver.then(it => answerWeek(request, it)).then(
    answer => parentPort!.postMessage({ id, answer }),
    (error: Error) => parentPort!.postMessage({ id, problem: error.message }),
  )
})
