import { readFile } from 'node:fs/promises'
import { expect, expectAccessible, expectNoSideScroll, open, signIn, test } from './helpers'

test('a coach writes a drill, finds it everywhere, and carries the drills out and in as a file', async ({ page }) => {
  test.slow()
  await signIn(page, 'coach@larkholm.example')
  await open(page, '/catalogue')
  await page.getByPlaceholder('Type a name').fill('side plank star')
  await page.getByRole('button', { name: /^Side plank, star/ }).click()
  await page.getByRole('button', { name: 'Make one of your own from it' }).click()
  await expect(page.getByRole('heading', { name: 'A drill of your own' })).toBeVisible()
  await expectAccessible(page)

  await test.step('what is wrong is said beside its field, and a reload loses nothing', async () => {
    await page.getByLabel('Name', { exact: true }).fill('Side plank')
    await page.getByLabel('resist side bend').fill('80')
    await page.getByLabel('resist side bend').press('Tab')
    await page.getByLabel('resist turning').fill('40')
    await page.getByLabel('resist turning').press('Tab')
    await expect(page.getByText('sum 120 of 100')).toBeVisible()
    await page.getByRole('button', { name: 'Store the drill' }).click()
    await expect(page.getByText('Action shares must sum to 1.')).toBeVisible()
    await expect(page.getByText('Another drill has this name.')).toBeVisible()
    await expectAccessible(page)
    await page.reload()
    await page.locator('html[data-ready]').waitFor()
    await expect(page.getByText('As you left it on this device')).toBeVisible()
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Side plank')
    await page.getByLabel('Name', { exact: true }).fill('Side plank, star with a slow pulse')
    await page.getByLabel('resist turning').fill('20')
    await page.getByLabel('resist turning').press('Tab')
  })

  await test.step('stored with one click, however often it is clicked', async () => {
    await page.getByRole('button', { name: 'Store the drill' }).dblclick()
    await expect(page).toHaveURL(/\/catalogue\/own/)
    await expect(page.getByText('5 drills')).toBeVisible()
    await expect(page.getByRole('button', { name: /star with a slow pulse/ })).toHaveCount(1)
    await expectAccessible(page)
    await expectNoSideScroll(page)
  })

  await test.step('it stands on the bench beside its rung, and in the week’s finder', async () => {
    await open(page, '/catalogue')
    await page.getByRole('button', { name: 'of your own', exact: true }).click()
    await page.getByRole('button', { name: /star with a slow pulse/ }).click()
    await page.getByRole('button', { name: /On the bench/ }).click()
    await expect(
      page.getByRole('region', { name: 'Rungs by the moment they ask for' }).getByRole('button', {
        name: /slow pulse/,
      }),
    ).toBeVisible()
  })

  await open(page, '/catalogue/own')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Own drills as CSV' }).click()
  const table = await readFile(await (await download).path(), 'utf8')

  await test.step('a file with a mistake takes nothing in and says where it is', async () => {
    const file = (text: string) => ({ name: 'drills.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
    await page.getByLabel('Bring in a file').setInputFiles(file(table.replaceAll('rotation 0.6', 'rotation lots')))
    await expect(page.getByText('Nothing was taken in.')).toBeVisible()
    await expect(page.getByText(/^Row \d+, Paddle seat, slow stroke/)).toBeVisible()
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Close' }).last().click()
    await page.getByLabel('Bring in a file').setInputFiles(
      file(table.replaceAll('Keep the mat untouched.', 'Leave the mat alone.')),
    )
    await expect(page.getByText('1 changed:')).toBeVisible()
    await page.getByRole('button', { name: 'Take them in' }).click()
    await expect(page.getByText('Taken in: 0 new, 1 changed.')).toBeVisible()
  })

  await test.step('taken out again', async () => {
    await page.getByRole('button', { name: /star with a slow pulse/ }).click()
    await page.getByRole('button', { name: 'Take it out of the catalogue' }).click()
    await page.getByRole('button', { name: 'Take it out', exact: true }).click()
    await expect(page.getByText('4 drills')).toBeVisible()
  })
})

test('an assistant reads the own drills and changes none', async ({ page }) => {
  await signIn(page, 'assistant@larkholm.example')
  await open(page, '/catalogue/own')
  await expect(page.getByText('4 drills')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Add a drill' })).toHaveCount(0)
  await expect(page.getByLabel('Bring in a file')).toHaveCount(0)
})
