import { axeFaults } from './axe'
import { alive, burst, copyUntil, expect, makeJob, nextStep, strike, test } from './bench'

const six = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,length
${[1, 2, 3, 4, 5, 6].map((n) => `W${n},TW-1.0,RD,A,${n},SW-7P,,,400`).join('\n')}
`
interface Kept {
  readonly kind: string
  readonly term?: string
  readonly together?: number
}

test('pieces that are alike are prepared with three presses; one is left out, and the record says which went together', async ({
  bench: page,
  request,
}) => {
  const id = await copyUntil(request, await makeJob(request, 'Alike', six), (state) =>
    [...state.setups.values()].some(({ proven }) => proven.length > 0),
  )
  const stripped = async () =>
    ((await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as { entries: Kept[] }).entries
      .filter(({ kind }) => kind === 'stripped')
      .map(({ term, together }) => `${term} ${together ?? 'alone'}`)
  const before = await stripped()
  await page.goto(`/jobs/${id}/prep`)
  await alive(page)
  const left = 6 - before.length
  await expect(page.getByRole('heading', { name: `These ${left} alike` })).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  await page.getByRole('button', { name: 'W6a in this set' }).click()
  await expect(page.getByRole('heading', { name: `These ${left - 1} alike` })).toBeVisible()
  // one by one and back again: nothing is ticked for it
  await strike(page, 'q')
  await expect(page.getByRole('heading', { name: 'Thread first, then strip' })).toBeVisible()
  await strike(page, 'q')
  // what hands do, the look, and written
  await strike(page, 'Space')
  await expect(page.getByRole('checkbox', { checked: false })).toHaveCount(1)
  await strike(page, 'Space')
  expect(await stripped()).toEqual(before)
  await strike(page, 'Space')
  // a busy machine sends late
  await expect.poll(async () => (await stripped()).length - before.length).toBe(left - 1)
  const written = (await stripped()).slice(before.length)
  expect(new Set(written.map((line) => line.split(' ')[1]))).toEqual(new Set([String(left - 1)]))
  expect(written.join()).not.toContain('W6')
  // the one that was left out is a piece of its own
  await page.goto(`/jobs/${id}/prep?at=1/W6/a`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Thread first, then strip' })).toBeVisible()
  await expect(nextStep(page)).toBeVisible()
})

test('the holes that nothing goes into are plugged at once, each written down by itself; or one alone', async ({
  bench: page,
  request,
}) => {
  const few = six.split('\n').slice(0, 4).join('\n')
  const id = await copyUntil(
    request,
    await makeJob(request, 'Plugs', few),
    (_state, step) => step.kind === 'seat' && step.task.kind === 'plug',
  )
  const plugged = async () =>
    ((await (await request.get(`/api/v1/jobs/${id}/journal?limit=1000`)).json()) as { entries: Kept[] }).entries.filter(
      ({ kind }) => kind === 'plugged',
    ).length
  await page.goto(`/jobs/${id}/seat`)
  await alive(page)
  await expect(page.getByRole('heading', { name: 'Unused: plug all 4 that are left' })).toBeVisible()
  await strike(page, 'q')
  await expect(page.getByRole('heading', { name: 'Unused: plug it' })).toBeVisible()
  await strike(page, 'Space', 'Space')
  expect(await plugged()).toBe(1)
  await expect(page.getByRole('heading', { name: 'Unused: plug all 3 that are left' })).toBeVisible()
  await strike(page, 'Space', 'Space')
  expect(await plugged()).toBe(4)
})

test('a figure from a calliper with no field in focus is asked about, put where it belongs, and writes nothing', async ({
  bench: page,
  request,
}) => {
  const id = await makeJob(request, 'Calliper', six)
  await page.goto(`/jobs/${id}/prep?at=1/W1/a`)
  await alive(page)
  const last = async () =>
    ((await (await request.get(`/api/v1/jobs/${id}/journal?limit=1`)).json()) as { last: number }).last
  const before = await last()
  const offer = page.getByRole('status', { name: 'What is 4.3?' })
  await burst(page, '4.3')
  await expect(offer).toBeVisible()
  expect(await axeFaults(page)).toEqual([])
  // its keys are the answer's first: no line is ticked by the same press
  await strike(page, '1')
  await expect(offer).toHaveCount(0)
  await expect(page.getByLabel('Strip as measured')).toHaveValue('4.3')
  await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(0)
  // and none of them is an answer too
  await burst(page, '4.5 mm')
  await strike(page, 'Escape')
  await expect(page.getByLabel('Strip as measured')).toHaveValue('4.3')
  expect(await last()).toBe(before)
})
