import { createHash, hash } from 'node:crypto'
import { existsSync, readFileSync, renameSync, truncateSync } from 'node:fs'
import { type FileHandle, open } from 'node:fs/promises'
import { join } from 'node:path'
import { z } from 'zod'
import { newBreath } from '../breath'

/** One statement that changed the data, with what was put into it. */
export interface Statement {
  readonly sql: string
  readonly params: readonly unknown[]
}

/** One transaction that was acknowledged, or was about to be. */
export interface DaybookLine {
  readonly n: number
  readonly statements: readonly Statement[]
}

/** Which database a daybook is of, and from where on it holds all that was written. */
export interface DaybookHead {
  /** the database's own id, which stands in it too */
  readonly id: string
  /** the number of its first transaction */
  readonly from: number
  /** the database was empty before it: it can be made anew from this alone */
  readonly fromEmpty: boolean
}

const FORMAT = 'urn-bench/daybook'
const headSchema = z.object({
  format: z.literal(FORMAT),
  version: z.literal(1),
  id: z.string(),
  from: z.number().int(),
  fromEmpty: z.boolean(),
})
const lineSchema = z.object({ n: z.number().int(), sql: z.array(z.tuple([z.string(), z.array(z.unknown())])) })
/** The number of a line, and whether it only says that what was written under that did not land. */
const NUMBERED = /^\{"n":(\d+)(,"void":true\}$)?/

/** What stands in a daybook on the disk. */
export interface DaybookRead {
  readonly head: DaybookHead
  /** transactions behind a number, parsed when they are asked for: as a rule there are none */
  readonly missing: (known: number) => readonly DaybookLine[]
  /** the last number in it */
  readonly last: number
  /** the hash of its last line, which the next follows */
  readonly hash: string
  /** bytes that hold */
  readonly length: number
  /** a line that does not follow from the one before it, with good ones behind it: it was damaged, not cut short */
  readonly damagedAt?: number
}

export const daybookPath = (folder: string) => join(folder, 'daybook.jsonl')

const linked = (prev: string, text: string) => hash('sha256', prev + text, 'hex')
const SEED = '0'.repeat(64)

const BYTES = '$base64'
const encoded = (value: unknown) =>
  value instanceof Uint8Array ? { [BYTES]: Buffer.from(value).toString('base64') } : value
const decoded = (value: unknown) =>
  typeof value === 'object' && value !== null && BYTES in value
    ? new Uint8Array(Buffer.from(String(value[BYTES]), 'base64'))
    : value

/** Reads and verifies a folder's daybook. Undefined when there is none, or none that begins as one. */
export function readDaybook(folder: string): DaybookRead | undefined {
  const file = daybookPath(folder)
  if (!existsSync(file)) return undefined
  const bytes = readFileSync(file)
  const texts: string[] = []
  let prev = SEED
  let length = 0
  let damagedAt: number | undefined
  for (let from = 0; from < bytes.length;) {
    const end = bytes.indexOf(10, from)
    // a line without an end was not acknowledged to anybody
    if (end < 0) break
    const line = bytes.toString('utf8', from, end)
    const text = line.slice(65)
    if (line.slice(0, 64) !== linked(prev, text)) {
      if (bytes.indexOf(10, end + 1) >= 0) damagedAt = texts.length + 1
      break
    }
    prev = line.slice(0, 64)
    texts.push(text)
    from = end + 1
    length = from
  }
  const [first] = texts
  const head = headSchema.safeParse(first === undefined ? undefined : JSON.parse(first))
  if (!head.success) return undefined
  const written = new Map<number, string>()
  let last = head.data.from - 1
  for (const text of texts.slice(1)) {
    const [, said, gone] = NUMBERED.exec(text) ?? []
    const n = Number(said)
    last = Math.max(last, n)
    if (gone === undefined) written.set(n, text)
    else written.delete(n)
  }
  return {
    head: head.data,
    missing: (known) => [...written].filter(([n]) => n > known).map(([, text]) => parsed(text)),
    last,
    hash: prev,
    length,
    ...(damagedAt !== undefined && { damagedAt }),
  }
}

function parsed(text: string): DaybookLine {
  const { n, sql } = lineSchema.parse(JSON.parse(text))
  return { n, statements: sql.map(([statement, params]) => ({ sql: statement, params: params.map(decoded) })) }
}

/** Puts a daybook aside that is of another database, or damaged. @returns where it lies now */
export function putAside(folder: string, why: string): string {
  const file = daybookPath(folder)
  const name = createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 12)
  const aside = join(folder, `daybook-${why}-${name}.jsonl`)
  renameSync(file, aside)
  return aside
}

/** A transaction as JSON, a piece for each statement. */
function* lineOf(n: number, statements: readonly Statement[]): Generator<string> {
  yield `{"n":${String(n)},"sql":[`
  for (const [i, { sql, params }] of statements.entries())
    yield `${i === 0 ? '' : ','}${JSON.stringify([sql, params.map(encoded)])}`
  yield ']}'
}

/** A daybook that is written to: one line at a time, on the disk before the promise is kept. */
export class DaybookWriter {
  private constructor(
    private readonly handle: FileHandle,
    private hash: string,
    private length: number,
    private last: number,
  ) {}

  /** Goes on behind what holds. */
  static async goOn(folder: string, read: DaybookRead): Promise<DaybookWriter> {
    truncateSync(daybookPath(folder), read.length)
    return new DaybookWriter(await open(daybookPath(folder), 'a'), read.hash, read.length, read.last)
  }

  /** Begins a new one. */
  static async begin(folder: string, head: DaybookHead): Promise<DaybookWriter> {
    const writer = new DaybookWriter(await open(daybookPath(folder), 'ax'), SEED, 0, head.from - 1)
    await writer.append([JSON.stringify({ format: FORMAT, version: 1, ...head })])
    const parent = await open(folder, 'r')
    await parent.sync()
    await parent.close()
    return writer
  }

  /** The number of the next transaction. */
  get next(): number {
    return this.last + 1
  }

  /** Writes a transaction down. It is on the disk when this returns. */
  async write({ n, statements }: DaybookLine): Promise<void> {
    await this.append(lineOf(n, statements))
    this.last = n
  }

  /** What was written down under a number did not land. */
  void(n: number): Promise<void> {
    return this.append([JSON.stringify({ n, void: true })])
  }

  /** @param pieces of one line, in their order: others have their turn between them */
  private async append(pieces: Iterable<string>): Promise<void> {
    const breath = newBreath()
    const digest = createHash('sha256').update(this.hash)
    const said: Buffer[] = []
    for (const piece of pieces) {
      const bytes = Buffer.from(piece)
      digest.update(bytes)
      said.push(bytes)
      await breath()
    }
    const next = digest.digest('hex')
    const line = Buffer.concat([Buffer.from(`${next} `), ...said, Buffer.from('\n')])
    try {
      await this.handle.appendFile(line)
      await this.handle.datasync()
    } catch (error) {
      // half a line would look like damage to what comes behind it
      await this.handle.truncate(this.length).catch(() => undefined)
      throw error
    }
    this.hash = next
    this.length += line.length
  }

  close(): Promise<void> {
    return this.handle.close()
  }
}
