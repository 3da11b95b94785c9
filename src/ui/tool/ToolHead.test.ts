import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { expect, test } from 'vitest'
import { ToolHead, type ToolHeadProps } from './ToolHead'

const bare: ToolHeadProps = { of: 'gauge', selector: undefined, dies: [], openings: [], row: {} }
const drawn = (head: Partial<ToolHeadProps>) => renderToStaticMarkup(createElement(ToolHead, { ...bare, ...head }))
/** The numbers of a dial that stand out. */
const atPointer = (markup: string) => [...markup.matchAll(/text class="[^"]*on[^"]*"[^>]*>(\d+)</g)].map(([, n]) => n)

test('the selector stands at the row in hand; at a number that it has not, or at none, nothing is pointed out', () => {
  const dial = (selector: string | undefined) =>
    drawn({ of: 'four-indent-positioned', selector: { min: 1, max: 8 }, row: { selector } })
  expect(atPointer(dial('6'))).toEqual(['6'])
  expect(atPointer(dial('9'))).toEqual([])
  expect(atPointer(dial(undefined))).toEqual([])
  expect([...dial('6').matchAll(/>(\d+)<\/text>/g)].map(([, n]) => Number(n))).toEqual([1, 2, 3, 4, 5, 6, 7, 8])
})

test('every opening has its mark, and its width where the mark is not that', () => {
  const nests = drawn({
    of: 'nest-ratchet',
    openings: [
      { mark: 'red', mm: 1.5 },
      { mark: '2.0', mm: 2 },
    ],
    row: { nest: 'red' },
  })
  expect([...nests.matchAll(/>([^<]+)<\/text>/g)].map(([, text]) => text)).toEqual(['red', '1.5', '2.0'])
  expect(nests).toContain('aria-label="The tool, nest red"')
  // the wider one is drawn wider
  const [narrow = 0, wide = 0] = [...nests.matchAll(/rx="([\d.]+)"/g)].map(([, rx]) => Number(rx))
  expect(wide / narrow).toBeCloseTo(2 / 1.5, 6)
})

test('a die is drawn by its forms, with what is printed on both halves', () => {
  const die = drawn({
    of: 'parallel-die',
    dies: [{ id: 'D2', formMm: 3, spacingMm: 1 }],
    row: { die: 'D2', wireStopMm: '3.8' },
  })
  expect(die.match(/>D2</g)).toHaveLength(2)
  expect(die).toContain('>3 mm<')
  expect(die).toContain('>stop 3.8<')
  expect(drawn({ of: 'parallel-die', row: { die: 'D2', wireStopMm: '' } })).not.toContain('stop')
})
