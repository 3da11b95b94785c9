import { papersRouteWords as words } from '@/words/screens/app/papersRoute'
import { benchClock } from '@/data/benchClock'
import { benchSays } from '@/data/benchSays'
import { snapshot } from '@/core/record/state/state'
import { bench } from '@/data/bench'
import { report } from '@/data/log'
import { loadRecord } from '@/data/repositories/jobs'
import { listPeople } from '@/data/repositories/people'
import { jobDocument } from '@/formats/jobDocument'
import { recordCsv } from '@/formats/recordTable'
import { isLabelSize } from '@/core/work/close/labelSizes'
import { recordCode } from '@/core/record/journal/recordCode'
import { makeFile, makePdf } from '@/papers/makePdf'
import type { PaperInput } from '@/papers/paper'
import type { FileId, PaperId } from '@/papers/papers'
import { fileStem } from '@/ui/download'
import { readEntries } from '@/data/repositories/journalRows'
import { RECORD_PHOTO_BYTES, photosNamed, recordPhotos } from '@/data/repositories/recordPhotos'
import { photosTooManyWords } from '@/words/photos'

const fileName = (title: string, end: string) => `${fileStem(title, 'job')}-${end}`

const pdfs = {
  'build-sheet.pdf': 'build-sheet',
  'kit-list.pdf': 'kit-list',
  'labels.pdf': 'labels',
  'move-plan.pdf': 'move-plan',
  'test-record.pdf': 'test-record',
  'pinout.pdf': 'pinout',
  'board.pdf': 'board',
  'board-tiles.pdf': 'board-tiles',
} as const satisfies Record<string, PaperId>

const others = {
  'board.svg': { file: 'board-svg', type: 'image/svg+xml' },
  'record.xlsx': {
    file: 'record-xlsx',
    type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  },
} as const satisfies Record<string, { readonly file: FileId; readonly type: string }>

const download = (body: BodyInit, type: string, name: string) =>
  new Response(body, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  })

/** The papers of a job: build sheet, record, table. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; paper: string }> },
): Promise<Response> {
  const { id, paper } = await params
  const { db, jobs } = await bench()
  const loaded = await loadRecord(db, jobs, id)
  if (!loaded) return Response.json({ error: { code: 'not-found', message: words.noJob(id) } }, { status: 404 })
  const { folded, provenance } = loaded
  const state = snapshot(folded.state)
  const { title } = state.plan
  switch (paper) {
    case 'record.csv':
      return download(recordCsv(state, provenance), 'text/csv; charset=utf-8', fileName(title, 'record.csv'))
    case 'record.json':
    case 'record-with-photos.json': {
      const journal = await readEntries(db, id, 0)
      const photos = paper === 'record.json' ? undefined : await recordPhotos(db, photosNamed(journal))
      if (photos && !photos.ok) {
        const message = photosTooManyWords(photos.fault.bytes, RECORD_PHOTO_BYTES)
        return Response.json({ error: { code: 'photos-too-large', message } }, { status: 422 })
      }
      return download(
        JSON.stringify(jobDocument(id, state, journal, provenance, photos?.value), null, 1),
        'application/json',
        fileName(title, paper),
      )
    }
    default:
      break
  }
  const isPdf = Object.hasOwn(pdfs, paper)
  if (!isPdf && !Object.hasOwn(others, paper))
    return Response.json({ error: { code: 'not-found', message: words.noPaper(paper) } }, { status: 404 })
  const label = new URL(request.url).searchParams.get('label') ?? ''
  const people = Object.fromEntries((await listPeople(db)).map((person) => [person.id, person.name]))
  const [last] = await readEntries(db, id, state.seq - 1, 1)
  const input: PaperInput = {
    id,
    state,
    people,
    provenance,
    madeAt: new Date().toISOString(),
    zone: (await benchClock()).zone,
    says: await benchSays(),
    ...(isLabelSize(label) && { label }),
    ...(last && { code: recordCode(last.seq, last.hash) }),
  }
  try {
    if (isPdf) {
      const pdf = await makePdf(pdfs[paper as keyof typeof pdfs], input)
      return download(new Uint8Array(pdf), 'application/pdf', fileName(title, paper))
    }
    const { file, type } = others[paper as keyof typeof others]
    const made = await makeFile(file, input)
    return made === undefined
      ? Response.json({ error: { code: 'not-found', message: words.noLayout } }, { status: 404 })
      : download(new Uint8Array(made), type, fileName(title, paper))
  } catch (error) {
    return Response.json(
      { error: { code: 'internal', id: report(error), message: words.sheetCouldNotBe } },
      { status: 500 },
    )
  }
}
