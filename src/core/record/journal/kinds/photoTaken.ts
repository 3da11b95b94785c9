import { setupIdLabel } from '../../../craft/setup/setup'
import { termLabel } from '../../plan/keys'
import { planIndex } from '../../plan/plan'
import { subject } from '../../state/subject'
import type { EntryFields } from '../entryFields'
import type { EntryKind } from '../entryKind'

/** a photo of a piece, by the hash of its picture */
export const photoTakenShape = ({ key, term, z }: EntryFields) => ({
  term: term.optional(),
  setup: key.optional(),
  photo: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex'),
  widthPx: z.number().int().positive(),
  heightPx: z.number().int().positive(),
})

export const photoTaken: EntryKind<'photo-taken'> = {
  kind: 'photo-taken',
  atDesk: true,
  subjects: ({ term, setup }) => ({ writes: [subject.photos(term ?? setup ?? '')] }),
  refuse: (state, { term, setup }) => {
    if (term !== undefined)
      return planIndex(state.plan).byKey.has(term) ? undefined : { kind: 'unknown', what: 'termination', id: term }
    return setup !== undefined && state.setups.has(setup)
      ? undefined
      : { kind: 'unknown', what: 'setup', id: setup ?? '' }
  },
  apply: (draft, { term, setup, photo, widthPx, heightPx, at, by }) => {
    const about = term ?? setup ?? ''
    draft.put('photos', about, [...(draft.state.photos.get(about) ?? []), { photo, widthPx, heightPx, at, by }])
  },
  about: ({ term, setup }) => (term === undefined ? setupIdLabel(setup ?? '') : termLabel(term)),
  whenClosed: true,
}
