import { type Result, fail, ok } from '@/core/base/result'
import { snapshot } from '@/core/record/state/state'
import type { Bench } from '@/data/bench'
import { readEntries } from '@/data/repositories/journalRows'
import { type LoadedJob, loadRecord } from '@/data/repositories/jobs'
import { RECORD_PHOTO_BYTES, photosNamed, recordPhotos } from '@/data/repositories/recordPhotos'
import { type JobAnswer, jobDocument } from '@/formats/jobDocument'
import { photosTooManyWords } from '@/words/photos'

/** Pictures that are more than one file takes. */
export interface PhotosTooLarge {
  readonly code: 'photos-too-large'
  readonly bytes: number
  readonly mostBytes: number
  readonly message: string
}

/**
 * A job as one document that another bench reads in: what its state says and what its journal says are of one moment, also
 * while somebody writes on.
 * @returns undefined where there is no such job
 */
export async function jobFile(
  { db, jobs }: Pick<Bench, 'db' | 'jobs'>,
  id: string,
  withPhotos: boolean,
): Promise<Result<JobAnswer, PhotosTooLarge> | undefined> {
  const loaded = await loadRecord(db, jobs, id)
  return loaded && fileOf(db, id, loaded, withPhotos)
}

async function fileOf(
  db: Bench['db'],
  id: string,
  { folded, provenance }: LoadedJob,
  withPhotos: boolean,
): Promise<Result<JobAnswer, PhotosTooLarge>> {
  const state = snapshot(folded.state)
  // a record that is not whole goes out as it is, behind the entry at which it breaks too
  const journal = await readEntries(db, id, 0, provenance.fault ? undefined : state.seq)
  const photos = withPhotos ? await recordPhotos(db, photosNamed(journal)) : undefined
  if (photos && !photos.ok) {
    const { bytes } = photos.fault
    return fail({
      code: 'photos-too-large',
      bytes,
      mostBytes: RECORD_PHOTO_BYTES,
      message: photosTooManyWords(bytes, RECORD_PHOTO_BYTES),
    })
  }
  return ok(jobDocument(id, state, journal, provenance, photos?.value))
}
