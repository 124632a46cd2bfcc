import Ajv from 'ajv/dist/2019'
import fc from 'fast-check'
import toJsonSchema from 'joi-to-json'
import { describe, expect, it } from 'vitest'
import { LADDERS, STANDARD, VARIATIONS } from '~~/core/catalogue'
import { CATALOGUE_EDITION, CATALOGUE_FORMAT, catalogueFileSchema, fieldMessages } from '.'

const published = {
  $schema: 'https://json-schema.org/draft/2019-09/schema',
  title: 'Keen Anchor catalogue file',
  description:
    'Ladders and drills of a catalogue. Beyond this schema: action shares sum to 1, doses of a drill share one '
    + 'unit, rungs of an own ladder run 1, 2, 3 …, a drill beside ours names the one it stands level with, ids of an '
    + 'organisation’s own entries begin with own-.',
  ...toJsonSchema(catalogueFileSchema, 'json-draft-2019-09') as object,
}
const fits = new Ajv({ strict: false }).compile(published)
const file = {
  format: CATALOGUE_FORMAT, edition: CATALOGUE_EDITION,
  ladders: LADDERS.map(({ id, name, aim }) => ({ id, name, aim })),
  variations: VARIATIONS,
}

describe('the published schema of a catalogue file', () => {
  it('is the one the product checks with', async () => {
    await expect(`${JSON.stringify(published, null, 2)}\n`).toMatchFileSnapshot('../../docs/catalogue.schema.json')
  })

  it('is met by the standard catalogue, by a second validator too', () => {
    expect(fieldMessages(catalogueFileSchema, file)).toBeNull()
    expect(fits(file), JSON.stringify(fits.errors?.slice(0, 3))).toBe(true)
  })

  it.each([
    ['posture', 'floating'], ['rung', 0], ['shares', { bending: 1 }], ['doses', []], ['cues', { inside: 'Only this.' }],
    ['fatigue', 6], ['more', true],
  ])('refuses a wrong %s in both', (field, value) => {
    const wrong = { ...file, variations: [{ ...STANDARD.find('side-plank.feet')!, [field]: value }] }
    expect(fieldMessages(catalogueFileSchema, wrong)).not.toBeNull()
    expect(fits(wrong)).toBe(false)
  })

  it('lets through whatever the product takes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VARIATIONS), fc.string({ maxLength: 60 }), fc.integer({ min: -5, max: 60 }),
        (v, words, number) => {
          const some = { ...file, variations: [{ ...v, name: words, setUp: words, rung: number, braceStep: number }] }
          if (fieldMessages(catalogueFileSchema, some) === null) expect(fits(some), JSON.stringify(fits.errors)).toBe(
              true,
            )
        },
      ),
      { seed: 8, numRuns: 200 },
    )
  })
})
