import type { PGlite, Results, Transaction } from '@electric-sql/pglite'
import type { DaybookWriter, Statement } from './daybookFile'
import { DiskFull, type Room } from './diskRoom'

/** Where a database keeps the number of the last transaction that it holds, beside its id. */
export const DAYBOOK_KEY = 'daybook'
export const keepPlace = `insert into meta (key, value) values ('${DAYBOOK_KEY}', $1) on conflict (key) do update set value = excluded.value`

const READS = /^\s*(?:select|show|set)\b/i
const WRITES = /^\s*(?:insert|update|delete|savepoint|release|rollback to)\b/i

/** Does a statement change the data? @throws for one of which nobody can say: it would be missing in the daybook */
function changes(sql: string): boolean {
  if (READS.test(sql)) return false
  if (WRITES.test(sql)) return true
  throw new Error(`the daybook does not know whether this changes anything: ${sql.slice(0, 80)}`)
}

type Query = PGlite['query']

/**
 * A client of the embedded database that writes each transaction into the daybook before it commits: what was acknowledged is
 * on the disk there, whatever the database's own files have lost when the power comes back.
 */
export function keptClient(client: PGlite, id: string, book: DaybookWriter, room: Room): PGlite {
  const transaction = async <T>(work: (tx: Transaction) => Promise<T>): Promise<T> => {
    let written: number | undefined
    try {
      return await client.transaction(async (tx) => {
        const statements: Statement[] = []
        const value = await work(recording(tx, statements, room))
        if (statements.length > 0) {
          const n = book.next
          await tx.query(keepPlace, [`${id} ${n}`])
          await book.write({ n, statements })
          written = n
        }
        return value
      })
    } catch (error) {
      // that it could not be crossed out must not hide why it did not land
      if (written !== undefined) await book.void(written).catch(() => undefined)
      throw error
    }
  }
  const query = (<T>(sql: string, params?: unknown[], options?: Parameters<Query>[2]): Promise<Results<T>> =>
    changes(sql)
      ? transaction((tx) => tx.query<T>(sql, params, options))
      : client.query<T>(sql, params, options)) as Query
  return withOurs(client, { query, transaction })
}

function recording(tx: Transaction, statements: Statement[], room: Room): Transaction {
  const query = (async <T>(sql: string, params: unknown[] = [], options?: Parameters<Query>[2]) => {
    const writes = changes(sql)
    if (writes && statements.length === 0 && !(await room())) throw new DiskFull('the disk is full')
    const results = await tx.query<T>(sql, params, options)
    if (writes) statements.push({ sql, params })
    return results
  }) as Transaction['query']
  return withOurs(tx, { query })
}

/** The same object with some of its methods in our hands. */
function withOurs<T extends object>(object: T, ours: Partial<T>): T {
  return new Proxy(object, {
    get: (target, name) => {
      if (name in ours) return ours[name as keyof T]
      const value: unknown = Reflect.get(target, name, target)
      // methods reach for private fields, which a proxy has not
      return typeof value === 'function' ? (value.bind(target) as unknown) : value
    },
  })
}
