import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Pool } from 'pg'
import { openFiles, openServer, type OpenDatabase } from './database'

/** The migrated template that the build makes, or the first run of the tests: a PGlite on a copy of it opens in half a second. */
export const templatePath = (): string => join(process.cwd(), 'build', 'template')

let count = 0

/** A database of its own for a test: PGlite on a copy of the template, or a new database of the server that URN_TEST_PG names. */
export async function openTestDatabase(): Promise<OpenDatabase> {
  const server = process.env.URN_TEST_PG
  if (server === undefined) {
    const files = mkdtempSync(join(tmpdir(), 'urn-test-'))
    cpSync(templatePath(), files, { recursive: true })
    const opened = await openFiles(files)
    return {
      db: opened.db,
      close: async () => {
        await opened.close()
        rmSync(files, { recursive: true, force: true })
      },
    }
  }
  const name = `t_${process.pid}_${++count}`
  const admin = new Pool({ connectionString: server, max: 1 })
  await admin.query(`create database ${name}`)
  const url = new URL(server)
  url.pathname = `/${name}`
  const opened = await openServer(url.href)
  return {
    db: opened.db,
    close: async () => {
      await opened.close()
      await admin.query(`drop database ${name}`)
      await admin.end()
    },
  }
}
