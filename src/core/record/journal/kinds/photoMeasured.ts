import { photoQuestionIds } from '../../../craft/photo/photoQuestions'
import { termLabel } from '../../plan/keys'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** A length measured in a photo that is kept: the picture, its four points, and what gave it its scale. */
export const photoMeasuredShape = ({ term, key, above0, z }: EntryFields) => ({
  term,
  photo: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex'),
  what: z.enum(photoQuestionIds),
  mm: z.number().min(0),
  /** how far off it may be by pointing */
  goodToMm: above0,
  known: z.strictObject({ what: key, mm: above0 }),
  /** both ends of the known size, then both ends of the length, px */
  points: z.array(z.strictObject({ x: z.number(), y: z.number() })).length(4),
})

export const photoMeasured: EntryKind<'photo-measured'> = {
  kind: 'photo-measured',
  subjects: ({ term }) => ({ writes: [subject.photos(term)] }),
  refuse: (state, { term, photo }) =>
    state.photos.get(term)?.some((one) => one.photo === photo)
      ? undefined
      : { kind: 'unknown', what: 'photo', id: photo.slice(0, 8) },
  apply: (draft, { term, photo, what, mm, goodToMm, known, points, at, by }) => {
    const measured = { what, mm, goodToMm, known, points, at, by }
    draft.put(
      'photos',
      term,
      (draft.state.photos.get(term) ?? []).map((one) =>
        one.photo === photo ? { ...one, measured: [...(one.measured ?? []), measured] } : one,
      ),
    )
  },
  about: ({ term, what, mm }) => `${termLabel(term)} ${what.replace('-', ' ')} ${mm.toFixed(2)} mm in a photo`,
}
