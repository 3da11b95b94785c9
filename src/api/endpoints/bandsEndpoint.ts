import { z } from 'zod'
import { contactSchema } from '@/core/parts/catalogue/schema/contact'
import { isSleeve } from '@/core/parts/catalogue/types'
import { parseBand, readBands } from '@/core/parts/identify/bands'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { answer, badInput, endpoint } from '../endpoint'

export const bandsEndpoint = endpoint({
  method: 'POST',
  path: 'contact/bands',
  summary:
    'The bin code that colour bands spell, and the contacts of the shelf that carry it; also as read from the other end',
  input: z.strictObject({ bands: z.array(z.string().min(1).max(20)).min(1).max(6) }),
  output: z.object({
    bin: z.string(),
    contacts: z.array(z.intersection(contactSchema, z.looseObject({ family: z.string() }))),
    otherEnd: z
      .object({
        bin: z.string(),
        contacts: z.array(z.intersection(contactSchema, z.looseObject({ family: z.string() }))),
      })
      .optional(),
  }),
  handle: async ({ bands }, { bench }) => {
    const read = bands.map(parseBand)
    const unknown = read.flatMap((band, i) =>
      band
        ? []
        : [
            {
              path: ['bands', i],
              message: `${bands[i] ?? ''} is no band colour: black, brown, red, orange, yellow, green, blue, violet, grey or white, or their IEC letters`,
            },
          ],
    )
    if (unknown.length > 0) return badInput(unknown)
    const catalogue = await loadCatalogue(bench.db, bench.catalogue)
    const readings = readBands(
      read.flatMap((band) => band ?? []),
      [...catalogue.contacts.values()].filter((contact) => !isSleeve(contact)),
    )
    const given = readings.find((one) => one.from === 'given')
    const other = readings.find((one) => one.from === 'other-end')
    return answer({
      bin: given?.bin ?? '',
      contacts: [...(given?.contacts ?? [])],
      ...(other && { otherEnd: { bin: other.bin, contacts: [...other.contacts] } }),
    })
  },
})
