import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { wearsProtectiveColours } from './protectiveColour'

test.each([
  ['GNYE', 'screen drain', true],
  ['YE/GN', 'acidity signal', true],
  ['GNYE', 'protective earth', false],
  ['GN/YE', 'PE', false],
  // nobody has said what it is for
  ['GNYE', undefined, false],
  ['GN', 'acidity signal', false],
  ['GN/WH', 'acidity signal', false],
])('a wire in %s for “%s” is in colours that are not its own: %s', (colour, signal, misused) => {
  expect(wearsProtectiveColours({ colour, ...(signal !== undefined && { signal }) })).toBe(misused)
})

test.each(['deck-loom', 'logger-box', 'beacon-lead', 'float-leads', 'sonde-pigtail', 'spare-pump'])(
  'no wire of the demo’s %s wears them for another duty',
  (job) => {
    const [heading = '', ...rows] = readFileSync(`demo/jobs/${job}.csv`, 'utf8').split(/\r?\n/)
    const mark = heading.includes(';') ? ';' : ','
    const at = (name: string) => heading.split(mark).indexOf(name)
    const worn = rows
      .map((row) => row.split(mark))
      .filter((cells) =>
        wearsProtectiveColours({ colour: cells[at('colour')] ?? '', signal: cells[at('signal')] ?? '' }),
      )
    expect(worn).toEqual([])
  },
)
