import { expect } from '@playwright/test'
import { alive, nextStep, strike } from './bench'
import { beginFrame, enterStripper, saveTool } from './enterTools'
import { doNextStep } from './handWork'
import { own } from './ownBench'
import { cell, pasteInto } from './sheets'

const csv = `wire,type,colour,from end,from cavity,from housing,to end,to cavity,to housing,length
W1,OW-05,RD,A,1,EN-2P,B,1,EN-2R,400 mm
W2,OW-05,BK,A,2,EN-2P,B,2,EN-2R,400 mm
`

own('from an empty folder to a signed lead of one’s own, by screen alone', async ({ own: { page } }) => {
  own.setTimeout(300_000)
  const missing = page.getByRole('region', { name: 'Missing for a first job' })
  const lacks = (what: string) =>
    expect(
      missing
        .getByRole('listitem')
        .filter({ has: page.locator('[data-now=true], b') })
        .filter({ hasText: what }),
    )

  await own.step('a name', async () => {
    await page.goto('/')
    await alive(page)
    await page.getByLabel('Your name').fill('Imke Rask')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('heading', { name: 'Who works here?' })).toHaveCount(0)
    await lacks('A connector').toContainText('Shelf')
  })

  await own.step('a connector and its mate, from their sheet', async () => {
    await strike(page, '1')
    await expect(page.getByRole('heading', { name: 'New family from its sheet' })).toBeVisible()
    await alive(page)
    await page.getByLabel('Family', { exact: true }).fill('Engobe')
    await page.getByLabel('Id', { exact: true }).fill('engobe')
    await page.getByLabel(/^Sheet/).fill('Engobe sheet, rev 2')
    await strike(page, 'Escape', '2')
    await page.getByRole('button', { name: 'Add a housing' }).click()
    await page.getByLabel('Housing part').fill('EN-2P')
    await pasteInto(page, 'Cavities', 'ways', 'ways\tsize\tpitch\n2\tE16\t4\n')
    await page.getByRole('button', { name: 'Make its mate' }).click()
    await page.getByLabel('Housing part').fill('EN-2R')
    await expect(page.getByRole('radio', { name: '✓ receptacle' })).toBeChecked()
    const numbers = await cell(page, 'Cavities', 'numbers')
    await expect(numbers).toHaveText('2 1')
    const met = page.getByRole('status', { name: 'How the halves meet' })
    await expect(met).toContainText('2 of 2 cavities meet those of EN-2P')
    await expect(met).toContainText('Neither half has a key or a slot')
    const renumber = async (ids: string) => {
      await numbers.click()
      await page.keyboard.type(ids)
      await page.keyboard.press('Enter')
    }
    await renumber('1 2')
    await expect(met).toContainText('1 by 4 mm, 2 by 4 mm miss their cavity of EN-2P')
    await renumber('2 1')
    // one key flips both faces: each cavity stays over its own
    await strike(page, 'Escape', 'f')
    await expect(page.getByTestId('face-side')).toHaveText('MATING FACE')
    await expect(page.getByRole('figure', { name: /EN-2P/ })).toContainText('wire face')
    // what the housings named is taken over with one press
    await strike(page, 'Escape', '3')
    await page.getByRole('button', { name: 'Begin 1 row' }).click()
    await (await cell(page, 'Contact sizes', 'bore mm')).click()
    await page.keyboard.type('2.9')
    await page.keyboard.press('Enter')
    await strike(page, 'Escape', '4')
    await pasteInto(
      page,
      'Contacts',
      'part',
      'part\tmade\tsize\tgender\twire from\twire to\tplating\nEN-SK\tclosed barrel\tE16\tsocket\t0.35\t0.75\tnickel\nEN-PN\tclosed barrel\tE16\tpin\t0.35\t0.75\tnickel\n',
    )
    await strike(page, 'Escape', 'Control+s')
    await expect(page.getByRole('heading', { name: 'Engobe', exact: true })).toBeVisible()
  })

  await own.step('a wire from its reel', async () => {
    await page.goto('/shelf?show=wires')
    await alive(page)
    await pasteInto(
      page,
      'New wire types',
      'wire',
      'part\tawg\tstrands\tstrand\tod\tmaterial\nOW-05\t0.5 mm2\t19\t0.18\t1.6\tPVC\n',
    )
    await page.getByLabel('Figures from').fill('reel label')
    await strike(page, 'Escape', 'Control+s')
    await expect(page.getByText('On the rack: 1 added, 0 changed.')).toBeVisible()
  })

  await own.step('a crimp tool with its card, and a stripper by its prints', async () => {
    await page.goto('/')
    await alive(page)
    await missing.getByRole('link', { name: /A crimp tool/ }).click()
    await beginFrame(page, {
      id: 'QF-6',
      name: 'Small four-indent frame',
      source: 'its card, rev 3',
      positioners: 'QP-5',
    })
    await pasteInto(
      page,
      'Its placard or die card, row by row',
      'contact',
      'contact\twire from\twire to\tpositioner\tselector\tstrip from\tstrip to\nEN-SK\t0.35\t0.75\tQP-5\t5\t4.6\t5.0\nEN-PN\t0.35\t0.75\tQP-5\t4\t4.6\t5.0\n',
    )
    await saveTool(page)
    await strike(page, 'n')
    await enterStripper(page, [
      ['22', '0.8'],
      ['20', '1.1'],
      ['18', '1.3'],
    ])
    await page.goto('/')
    await alive(page)
    for (const what of ['A name', 'A connector', 'A wire', 'A crimp tool', 'A stripper', 'A setting'])
      await lacks(what).toContainText('there')
    await lacks('A pinout').toContainText('New job')
  })

  await own.step('a job from a pinout: every set is chosen, and the notch goes by its print', async () => {
    await strike(page, 'n')
    await page.waitForURL('**/new')
    await alive(page)
    await page.getByLabel('or paste its rows, headings first').focus()
    await page.keyboard.insertText(csv)
    await page.getByLabel('Title').fill('Own lead')
    await expect(page.getByText('2 wires, 2 ends: all can be read.')).toBeVisible()
    await strike(page, 'Escape', 'Enter')
    await page.waitForURL('**/plan')
    await alive(page)
    await strike(page, 'g', '2')
    await page.waitForURL('**/kit')
    await alive(page)
    await expect(page.getByRole('option', { name: /W1a/ })).toContainText('QF-6')
    await strike(page, 'g', '3')
    await page.waitForURL('**/prep')
    await alive(page)
    await page.getByRole('option', { name: /W1a/ }).click()
    await expect(page.getByText('1.1 mm', { exact: true })).toBeVisible()
  })

  await own.step('the whole way to the signature', async () => {
    for (let steps = 0; steps < 70 && !((await nextStep(page).textContent()) ?? '').startsWith('Closed'); steps++)
      await doNextStep(page)
    await expect(page.getByText('Signed and closed')).toBeVisible()
  })
})
