import { mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname } from 'node:path'
import { writeTemplate } from '../src/data/database'
import { template } from './template.mjs'

// who looks while it is made finds the old one, or none: never half of it
const half = `${template}-${process.pid}`
mkdirSync(dirname(template), { recursive: true })
await writeTemplate(half)
rmSync(template, { recursive: true, force: true })
renameSync(half, template)
