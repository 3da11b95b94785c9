import { readFileSync } from 'node:fs'
import { join } from 'node:path'

/** Tables whose rows belong to one job, or to nobody. */
const OF_ONE_JOB = new Set(['job', 'journal_entry', 'request_key', 'photo'])

/**
 * What has been written into a bench's daybook, and is not a job's of the test that wrote it.
 * @param seen how much of the book has been looked at before, bytes
 * @param demos ids of the jobs that are there for all
 * @returns each table, and demo job, that was changed, and how long the book is now
 */
export function newWrites(
  data: string,
  seen: number,
  demos: ReadonlySet<string>,
): { readonly seen: number; readonly changed: readonly string[] } {
  const file = readFileSync(join(data, 'daybook.jsonl'))
  // a line that is still being written is looked at the next time
  const book = file.subarray(0, file.lastIndexOf('\n') + 1)
  const changed = new Set<string>()
  for (const line of book.subarray(seen).toString('utf8').split('\n')) {
    if (line === '') continue
    const { sql = [] } = JSON.parse(line.slice(line.indexOf('{'))) as {
      readonly sql?: readonly [string, readonly unknown[]][]
    }
    for (const [text, parameters] of sql) {
      const table = /^\s*(?:insert into|update|delete from)\s+"?([a-z_]+)/.exec(text)?.[1]
      if (table === undefined) continue
      if (!OF_ONE_JOB.has(table)) changed.add(table)
      // a copy names the job that it was made of
      if (/^\s*insert into "job"/.test(text)) continue
      for (const one of parameters) if (typeof one === 'string' && demos.has(one)) changed.add(`${table} of ${one}`)
    }
  }
  return { seen: book.length, changed: [...changed] }
}
