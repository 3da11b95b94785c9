import { z } from 'zod'
import { ties } from '@/core/craft/ties/ties'
import { noPlaceWords } from '@/words/ties'
import { answer, endpoint, noAnswer } from '../endpoint'

const lengthMm = z.number().positive().max(1e6)

/** `POST close/ties`: where ties lie along a bundle. */
export const tiesEndpoint = endpoint({
  method: 'POST',
  path: 'close/ties',
  summary: 'Ties along a bundle: the first offset from each end, an even pitch, none where it may not be',
  input: z
    .strictObject({
      lengthMm,
      firstOffsetMm: z.number().min(0).max(1e6),
      pitchMm: z.number().min(1).max(1e6),
      keepOut: z
        .array(
          z
            .strictObject({ fromMm: z.number().min(-1e6).max(1e6), toMm: z.number().min(-1e6).max(1e6) })
            .refine(({ fromMm, toMm }) => fromMm <= toMm, { message: 'must not be below fromMm', path: ['toMm'] }),
        )
        .max(1000)
        .default([]),
    })
    .refine((wanted) => wanted.lengthMm / wanted.pitchMm <= 10_000, {
      message: 'must be larger: that would be more than 10000 ties',
      path: ['pitchMm'],
    }),
  output: z.object({ positionsMm: z.array(z.number()), pitchMm: z.number() }),
  fails: [422],
  handle: (wanted) => {
    const found = ties(wanted)
    return found.ok
      ? answer(found.value)
      : noAnswer({
          code: 'no-place',
          fromMm: found.fault.fromMm,
          toMm: found.fault.toMm,
          message: noPlaceWords(found.fault),
        })
  },
})
