import { spawn, spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { hostname, tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, expect, test } from 'vitest'
import { heldMessage } from '@/words/start'
import { lockFolder } from './folderLock'

let folder: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'urn-lock-'))
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const file = () => join(folder, 'urn-bench.lock')

test('the second one is told who holds the folder, and gets it when the first lets go', () => {
  const first = lockFolder(folder)
  const second = lockFolder(folder)
  expect(second).toMatchObject({ ok: false, fault: { pid: process.pid, host: hostname() } })
  if (!second.ok) expect(heldMessage(folder, second.fault)).toContain(`process ${process.pid}`)
  if (first.ok) first.value()
  expect(existsSync(file())).toBe(false)
  expect(lockFolder(folder).ok).toBe(true)
})

test('the lock of a process that is gone is taken over', () => {
  const gone = spawnSync(process.execPath, ['-e', ''])
  writeFileSync(file(), JSON.stringify({ pid: gone.pid, host: hostname(), started: '1' }))
  expect(lockFolder(folder).ok).toBe(true)
  expect(JSON.parse(readFileSync(file(), 'utf8'))).toMatchObject({ pid: process.pid })
})

test('a pid that another process has got since is not the holder', () => {
  const other = spawn(process.execPath, ['-e', 'setTimeout(() => {}, 20000)'])
  try {
    writeFileSync(file(), JSON.stringify({ pid: other.pid, host: hostname(), started: '1' }))
    expect(lockFolder(folder).ok).toBe(true)
  } finally {
    other.kill('SIGKILL')
  }
})

test('another machine’s lock counts, and a broken file does not stop anybody', () => {
  writeFileSync(file(), JSON.stringify({ pid: 1, host: 'elsewhere', started: '1' }))
  expect(lockFolder(folder)).toMatchObject({ ok: false, fault: { host: 'elsewhere' } })
  writeFileSync(file(), 'half a li')
  expect(lockFolder(folder).ok).toBe(true)
})
