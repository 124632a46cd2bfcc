import { bodyOf, type BodySize } from '~~/core/anatomy'
import { VARIATIONS } from '~~/core/catalogue'
import {
  evaluateBody, findModel, pathSettings, poseOf, rememberingEvaluator, settingsFor, settingsOf, statics,
} from '~~/core/mechanics'
import { sideBySide, spread, timed } from './timing'

const posed = VARIATIONS.flatMap((v) => {
  const link = poseOf(v)
  return link ? [{ drill: v, model: findModel(link.model)!, link }] : []
})

/** Microseconds of one evaluation with its pose solve, and of the statics alone on a solved pose, in turn. */
export async function benchEvaluation(): Promise<string> {
  const body = bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 })
  const all = posed.map(({ model, link }) => ({ model, settings: settingsOf(model.settings, settingsFor(link, body)) }))
  const held = all.map(({ model, settings }) => model.hold(body, settings))
  const whole = (): void => {
    for (const { model, settings } of all) evaluateBody(model, body, settings)
  }
  const bare = (): void => {
    for (const h of held) statics(h.skeleton, h.contacts, h.loads, h.resting ? { resting: h.resting } : {})
  }
  await sideBySide(20, whole, bare)
  const { a, b } = await sideBySide(100, whole, bare)
  const us = (times: number[]): string => (spread(times).median / all.length * 1000).toFixed(0)
  return `one pose solved and reckoned: ${us(a)} µs, statics alone ${us(b)} µs, ratio ${
    (spread(a).median / spread(b).median).toFixed(1)
  } (${all.length} poses)`
}

/** Fifty athletes times the whole catalogue, every position of every path, fresh and from remembered poses. */
export async function benchRoster(): Promise<string> {
  const sizes = Array.from(
    { length: 50 },
    (_, i): BodySize => ({ sex: i % 2 ? 'female' : 'male', heightM: 1.6 + (i % 10) * 0.04, massKg: 55 + i }),
  )
  const run = (evaluator: ReturnType<typeof rememberingEvaluator>): void => {
    for (const size of sizes) {
      for (const { drill, model } of posed)
        for (const settings of pathSettings(drill, size, {})) evaluator(model, size, settings)
    }
  }
  const positions = posed.reduce((sum, { drill }) => sum + pathSettings(drill, sizes[0]!, {}).length, 0)
  const warm = rememberingEvaluator()
  run(warm)
  const { a, b } = await sideBySide(3, () => run(rememberingEvaluator()), () => run(warm))
  return `50 athletes x ${positions} positions of ${posed.length} drills: ${
    spread(a).median.toFixed(0)} ms with nothing remembered, ${
    spread(b).median.toFixed(0)
  } ms remembered, `
    + `ratio ${(spread(a).median / spread(b).median).toFixed(0)}`
}

/** Time one tick of a slider costs in the page: pose, statics and the new figure, without the browser's own drawing. */
export async function benchSliderTick(): Promise<string> {
  const body = bodyOf({ sex: 'female', heightM: 1.72, massKg: 66 })
  const model = findModel('elbowPlank')!
  const times: number[] = []
  for (let i = 0; i < 600; i++)
    times.push(await timed(() => evaluateBody(model, body, settingsOf(model.settings, { loadKg: (i % 24) * 2.5 }))))
  return `a slider's tick, reckoned: median ${spread(times).median.toFixed(2)} ms, p95 ${
    spread(times).p95.toFixed(2)
  } ms of a 16.7 ms frame`
}
