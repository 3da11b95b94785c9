import { axeFaults } from './axe'
import { alive, copyAt, copyJob, expect, makeJob, nextStep, strike, test } from './bench'

test.use({ cautionsRead: false })

test('the first press at Prove and at a take-out answers the caution; no press before it passes, fails or ticks anything', async ({
  bench: page,
  request,
}) => {
  const id = await copyAt(request, await makeJob(request, 'Careful'), 'prove')
  const last = async (job: string) =>
    ((await (await request.get(`/api/v1/jobs/${job}/journal?limit=1`)).json()) as { last: number }).last
  const before = await last(id)
  await page.goto(`/jobs/${id}/prove?at=1/W1`)
  await alive(page)
  const caution = page.getByRole('note', { name: 'Caution' })
  await expect(caution).toContainText('Disconnect the equipment at both ends')
  await expect(page.getByRole('button', { name: /It passes/ })).toBeDisabled()
  expect(await axeFaults(page)).toEqual([])
  // neither yes nor no before it has been read
  await strike(page, 'x')
  await expect(page.getByLabel('Rings instead at')).toHaveCount(0)
  await strike(page, 'Space')
  await expect(caution).toHaveCount(0)
  expect(await last(id)).toBe(before)
  await strike(page, 'Space')
  expect(await last(id)).toBe(before + 1)
  // read once it is read for today
  await page.reload()
  await alive(page)
  await expect(page.getByRole('button', { name: /It (passes|is silent)/ })).toBeEnabled()
  await expect(caution).toHaveCount(0)
  // taking something out of what may be live asks its own
  const pigtail = await copyJob(request, 'sonde-pigtail')
  const begun = await last(pigtail)
  await page.goto(`/jobs/${pigtail}/seat`)
  await alive(page)
  await expect(nextStep(page)).toContainText('Take S7a out')
  await expect(caution).toContainText('Before the connector is opened')
  await strike(page, 'Space')
  await expect(caution).toHaveCount(0)
  await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(0)
  expect(await last(pigtail)).toBe(begun)
})
