import { axeFaults } from './axe'
import { alive, copyAt, expect, makeJob, nextStep, strike, test } from './bench'
import { doNextStep } from './handWork'

test('two wires in each other’s cavity: the probes say where they ring, one mistake explains it, Seat puts it right, and it is proved', async ({
  bench: page,
  request,
}) => {
  const id = await copyAt(request, await makeJob(request, 'Crossed'), 'prove')
  await page.goto(`/jobs/${id}/prove?at=1/W1`)
  await alive(page)
  const card = page.getByRole('complementary', { name: 'This net' })
  // W1 does not ring at P2.1 but at its neighbour: typed, held against what is there
  await strike(page, 'x')
  await card.getByLabel('Rings instead at').fill('9')
  await expect(card.getByText('There is no cavity P2.9. Like 5, or B.5 where it is another end.')).toBeVisible()
  await card.getByLabel('Rings instead at').fill('2')
  await page.keyboard.press('Enter')
  await page.goto(`/jobs/${id}/prove?at=1/W2`)
  await alive(page)
  // W2 the other way round: picked on the face
  await strike(page, 'x')
  await page.getByRole('region', { name: 'Probe black' }).getByRole('button', { name: /^1/ }).click()
  await expect(card.getByLabel('Rings instead at')).toHaveValue('P2.1')
  await card.getByLabel('Rings instead at').press('Enter')
  await expect(card.getByRole('button', { name: /What explains it/ })).toBeVisible()
  await strike(page, 'd')
  await expect(page.getByRole('heading', { name: 'One mistake explains all 2 failures' })).toBeVisible()
  await expect(page.getByRole('heading', { name: /At P1 or P2: two contacts changed places/ })).toBeVisible()
  await expect(page.getByText('holds W1, which belongs in P2.1')).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  // it was looked at: it is at P1
  await strike(page, '1')
  await page.waitForURL(/\/seat/)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'In P1.2, belongs in P1.1' })).toBeVisible()
  for (let press = 0; press < 60 && !page.url().includes('/prove'); press++) await strike(page, 'Space')
  await page.waitForURL(/\/prove/)
  await alive(page)
  while ((await nextStep(page).textContent())?.startsWith('Probe')) await doNextStep(page)
  const journal = (await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as {
    entries: readonly { kind: string; wire: string; result: string; rings?: string[] }[]
  }
  const probes = journal.entries.filter(({ kind }) => kind === 'net-probed')
  expect(probes.slice(0, 2)).toMatchObject([
    { result: 'fail', rings: ['P2.2'] },
    { result: 'fail', rings: ['P2.1'] },
  ])
  // the evidence of both tries stays
  expect(
    probes
      .slice(2)
      .map(({ wire, result }) => `${wire} ${result}`)
      .sort(),
  ).toEqual(['W1 pass', 'W2 pass'])
})
