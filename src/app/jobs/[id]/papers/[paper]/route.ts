import { papersRouteWords as words } from '@/words/screens/app/papersRoute'
import { benchClock } from '@/data/benchClock'
import { benchSays } from '@/data/benchSays'
import { snapshot } from '@/core/record/state/state'
import { bench } from '@/data/bench'
import { report } from '@/data/log'
import { loadRecord } from '@/data/repositories/jobs'
import { listPeople } from '@/data/repositories/people'
import { jobFile } from '@/api/jobFile'
import { recordCsv } from '@/formats/recordTable'
import { isLabelSize } from '@/core/work/close/labelSizes'
import { recordCode } from '@/core/record/journal/recordCode'
import { makeFile, makePdf } from '@/papers/makePdf'
import type { PaperInput } from '@/papers/paper'
import type { FileId, PaperId } from '@/papers/papers'
import { fileStem } from '@/ui/download'
import { readEntries } from '@/data/repositories/journalRows'

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

/** The job as one file that another bench reads in. */
async function recordFile(id: string, name: string, withPhotos: boolean): Promise<Response> {
  const file = await jobFile(await bench(), id, withPhotos)
  if (!file) return notFound(words.noJob(id))
  if (!file.ok) return Response.json({ error: file.fault }, { status: 422 })
  return download(JSON.stringify(file.value, null, 1), 'application/json', fileName(file.value.title, name))
}

const notFound = (message: string) => Response.json({ error: { code: 'not-found', message } }, { status: 404 })

/** The papers of a job: build sheet, record, table. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; paper: string }> },
): Promise<Response> {
  const { id, paper } = await params
  const { db, jobs } = await bench()
  const loaded = await loadRecord(db, jobs, id)
  if (!loaded) return notFound(words.noJob(id))
  const { folded, provenance } = loaded
  const state = snapshot(folded.state)
  const { title } = state.plan
  if (paper === 'record.csv')
    return download(recordCsv(state, provenance), 'text/csv; charset=utf-8', fileName(title, 'record.csv'))
  if (paper === 'record.json') return recordFile(id, paper, false)
  if (paper === 'record-with-photos.json') return recordFile(id, paper, true)
  const isPdf = Object.hasOwn(pdfs, paper)
  if (!isPdf && !Object.hasOwn(others, paper)) return notFound(words.noPaper(paper))
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
    return made === undefined ? notFound(words.noLayout) : download(new Uint8Array(made), type, fileName(title, paper))
  } catch (error) {
    return Response.json(
      { error: { code: 'internal', id: report(error), message: words.sheetCouldNotBe } },
      { status: 500 },
    )
  }
}
