import { inflateSync } from 'node:zlib'

/**
 * Unpacks a WOFF 1.0 font (W3C recommendation) into the TrueType font it was made from: the PDF library cannot take
 * subsets of packed ones.
 * @param {Buffer} woff
 * @returns {Buffer}
 */
export function woffToTtf(woff) {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error('not a WOFF 1.0 font')
  const count = woff.readUInt16BE(12)
  const tables = Array.from({ length: count }, (_, i) => {
    const at = 44 + 20 * i
    const packed = woff.subarray(woff.readUInt32BE(at + 4), woff.readUInt32BE(at + 4) + woff.readUInt32BE(at + 8))
    const length = woff.readUInt32BE(at + 12)
    return {
      tag: woff.subarray(at, at + 4),
      checksum: woff.readUInt32BE(at + 16),
      data: packed.length < length ? inflateSync(packed) : packed,
    }
  })
  const power = 2 ** Math.floor(Math.log2(count))
  const head = Buffer.alloc(12 + 16 * count)
  woff.copy(head, 0, 4, 8)
  head.writeUInt16BE(count, 4)
  head.writeUInt16BE(power * 16, 6)
  head.writeUInt16BE(Math.log2(power), 8)
  head.writeUInt16BE(count * 16 - power * 16, 10)
  const parts = [head]
  let offset = head.length
  tables.forEach(({ tag, checksum, data }, i) => {
    const at = 12 + 16 * i
    tag.copy(head, at)
    head.writeUInt32BE(checksum, at + 4)
    head.writeUInt32BE(offset, at + 8)
    head.writeUInt32BE(data.length, at + 12)
    // every table begins at a multiple of four
    const padded = Buffer.alloc(Math.ceil(data.length / 4) * 4)
    data.copy(padded)
    parts.push(padded)
    offset += padded.length
  })
  return Buffer.concat(parts)
}
