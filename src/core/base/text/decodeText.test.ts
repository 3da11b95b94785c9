import fc from 'fast-check'
import { expect, test } from 'vitest'
import { decodeText } from './decodeText'

const utf16 = (text: string, bigEndian = false) => {
  const bytes = Buffer.from(`\uFEFF${text}`, 'utf16le')
  return new Uint8Array(bigEndian ? bytes.swap16() : bytes)
}
const latin = (text: string) => new Uint8Array(Buffer.from(text, 'latin1'))

test.each<[string, Uint8Array, unknown]>([
  ['plain', new TextEncoder().encode('wire;length\nW1;620'), { kind: 'text', encoding: 'utf-8' }],
  ['UTF-8 with its mark', new TextEncoder().encode('\uFEFFΩ µ'), { kind: 'text', text: 'Ω µ' }],
  ['UTF-16, little end first', utf16('Länge Ω'), { kind: 'text', text: 'Länge Ω', encoding: 'utf-16' }],
  ['UTF-16, big end first', utf16('Länge Ω', true), { kind: 'text', text: 'Länge Ω', encoding: 'utf-16' }],
  ['UTF-16 cut in the middle', utf16('Länge').subarray(0, 7), { kind: 'not-text' }],
  ['nothing', new Uint8Array(), { kind: 'text', text: '' }],
  ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0]), { kind: 'not-text' }],
  ['a NUL', new TextEncoder().encode('wire\nW1\u0000'), { kind: 'not-text', line: 2 }],
])('%s', (_name, bytes, expected) => {
  expect(decodeText(bytes)).toMatchObject(expected as object)
})

test('an older Windows file is asked about, with two lines both ways', () => {
  const text = 'wire;note\nW1;für die Länge\nW2;plain\nW3;µ\nW4;grün'
  expect(decodeText(latin(text))).toEqual({
    kind: 'unsure',
    windows1252: text,
    lines: [
      { utf8: 'W1;f\uFFFDr die L\uFFFDnge', windows1252: 'W1;für die Länge' },
      { utf8: 'W3;\uFFFD', windows1252: 'W3;µ' },
    ],
  })
})

test('whatever the bytes, what is taken holds no replacement, and is what was written', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 80 }), (bytes) => {
      const decoded = decodeText(bytes)
      const text = decoded.kind === 'text' ? decoded.text : decoded.kind === 'unsure' ? decoded.windows1252 : ''
      if (decoded.kind === 'unsure') expect(text).not.toContain('\uFFFD')
      else if (decoded.kind === 'text' && decoded.encoding === 'utf-8')
        expect(new TextEncoder().encode(text).length).toBe(
          bytes.length - (bytes[0] === 0xef && bytes[1] === 0xbb ? 3 : 0),
        )
    }),
  )
})
