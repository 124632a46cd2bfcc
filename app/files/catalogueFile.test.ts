import { describe, expect, it } from 'vitest'
import { catalogueWith, EMPTY_OWN, STANDARD, VARIATIONS, type OwnCatalogue, type Variation } from '~~/core/catalogue'
import { readCatalogue, writeCatalogue } from './catalogueFile'

const { branch: _, after: __, ...like } = STANDARD.find('side-plank.feet')!
const own: OwnCatalogue = {
  ladders: [{ id: 'own-tall', name: 'Tall holds', aim: 'To stay tall.' }],
  variations: [
    {
      ...like, id: 'own-tall.own-low', ladder: 'own-tall', rung: 1, name: 'Tall hold, "low"; wall',
      setUp: '=SUM(1) is how a line may begin,\nand go on.',
    },
    {
      ...like, id: 'side-plank.own-mat', name: 'Side plank on a soft mat',
      pose: { model: 'elbowPlank', set: { loadKg: 5 }, open: ['loadKg'] },
    },
  ],
}
const all = catalogueWith(own)
const byId = ({ variations }: OwnCatalogue) => Object.fromEntries(variations.map(v => [v.id, v]))

describe('a catalogue file', () => {
  it.each(['json', 'csv'] as const)('as %s comes back as it went out', async (kind) => {
    const text = await writeCatalogue(all, own, kind, false)
    const reading = await readCatalogue(text, kind, EMPTY_OWN)
    expect(reading.problems).toEqual([])
    expect(reading.own.ladders).toEqual(own.ladders)
    expect(byId(reading.own)).toEqual(byId(own))
    expect(await readCatalogue(text, kind, own)).toMatchObject({ added: [], changed: [], unchanged: 2, problems: [] })
  })

  it.each(['json', 'csv'] as const)('of everything as %s changes nothing when it comes back', async (kind) => {
    const text = await writeCatalogue(all, own, kind, true)
    expect(await readCatalogue(text, kind, own)).toMatchObject({
      own, added: [], changed: [], unchanged: VARIATIONS.length + 2, problems: [],
    })
  })

  it('writes no cell that a spreadsheet would run', async () => {
    const text = await writeCatalogue(all, own, 'csv', false)
    expect(text).toContain('"\'=SUM(1)')
  })

  it('names the row and the column that cannot be read, and takes nothing in', async () => {
    const text = await writeCatalogue(all, own, 'csv', false)
    const wrong = text.replaceAll('antiLateralFlexion 1', 'antiLateralFlexion much')
    const { problems } = await readCatalogue(wrong, 'csv', EMPTY_OWN)
    expect(problems).toEqual([expect.stringMatching(/^Row 2, .*Write shares as/), expect.stringMatching(/^Row 3, /)])
  })

  it.each(
    [
      ['json', 'not json', 'This is not JSON.'], ['json', '[]', 'not filled in'],
      ['json', '{"format":"other"}', 'Format'], ['csv', 'a,b\n1,2', 'Columns that are missing'],
      ['csv', '', 'Columns that are missing'],
    ] as const,
  )('of nonsense (%s: %s) says so', async (kind, text, words) => {
    const reading = await readCatalogue(text, kind, own)
    expect(reading.problems.join(' ')).toContain(words)
    expect(reading.own).toEqual(own)
  })

  it('says which entry of a JSON file is wrong', async () => {
    const file = JSON.parse(await writeCatalogue(all, own, 'json', false)) as { variations: Variation[] }
    const [first, ...rest] = file.variations
    const wrong = { ...file, variations: [{ ...first!, shares: { antiExtension: 0.2 } }, ...rest] }
    expect((await readCatalogue(JSON.stringify(wrong), 'json', EMPTY_OWN)).problems).toEqual([
      expect.stringContaining('must sum to 1'),
    ])
    const worse = { ...file, variations: [{ ...first!, posture: 'floating' }, ...rest] }
    expect((await readCatalogue(JSON.stringify(worse), 'json', EMPTY_OWN)).problems[0]).toContain(
      `${first!.name}: Posture`,
    )
  })

  it('refuses to change a drill of the standard catalogue', async () => {
    const { problems } = await readCatalogue(JSON.stringify({
      format: 'keen-anchor-catalogue', edition: 1, ladders: [], variations: [{ ...like, purpose: 'Something else.' }],
    }), 'json', EMPTY_OWN)
    expect(problems).toEqual([expect.stringContaining('belongs to the standard catalogue')])
  })
})
