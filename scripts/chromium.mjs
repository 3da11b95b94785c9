import { existsSync } from 'node:fs'

/** Debian's chromium; the one without a window of its own takes half the time. */
export const CHROMIUM_PACKAGE = 'chromium-headless-shell'

const QUICK = `/usr/bin/${CHROMIUM_PACKAGE}`
const USUAL = '/usr/bin/chromium'

/** Is the browser that takes half the time here, or another one asked for? */
export const isQuick = () => process.env.CHROMIUM !== undefined || existsSync(QUICK)

/** The browser of tests, pictures and benchmarks. */
export const chromiumPath = () => process.env.CHROMIUM ?? (existsSync(QUICK) ? QUICK : USUAL)
