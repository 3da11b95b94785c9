import { z } from 'zod'
import { answer, endpoint, noAnswer, notFound } from '@/api/endpoint'
import { jobAnswerSchema, jobDocument } from '@/formats/jobDocument'
import { loadRecord } from '@/data/repositories/jobs'
import { readEntries } from '@/data/repositories/journalRows'
import { RECORD_PHOTO_BYTES, photosNamed, recordPhotos } from '@/data/repositories/recordPhotos'
import { photosTooManyWords } from '@/words/photos'

export const readJobEndpoint = endpoint({
  method: 'GET',
  path: 'jobs/:id',
  summary: 'A job as a document: plan, pinned facts, folded state, journal. POST jobs takes it as a new job',
  query: z.object({
    /** with the pictures that its journal names */
    photos: z.literal('1', 'must be 1').optional(),
  }),
  output: jobAnswerSchema,
  fails: [404, 422],
  handle: async (_input, { bench, params, query }) => {
    const id = params.id ?? ''
    const loaded = await loadRecord(bench.db, bench.jobs, id)
    if (!loaded) return notFound(`no job ${id}`)
    const journal = await readEntries(bench.db, id, 0)
    const photos = query.photos === '1' ? await recordPhotos(bench.db, photosNamed(journal)) : undefined
    if (photos && !photos.ok)
      return noAnswer({
        code: 'photos-too-large',
        ...photos.fault,
        mostBytes: RECORD_PHOTO_BYTES,
        message: photosTooManyWords(photos.fault.bytes, RECORD_PHOTO_BYTES),
      })
    return answer(jobDocument(id, loaded.folded.state, journal, loaded.provenance, photos?.value))
  },
})
