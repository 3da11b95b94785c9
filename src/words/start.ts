/** What whoever starts the bench is told when it cannot. One sentence each. */

/** Another process holds the data folder. */
export const heldMessage = (folder: string, holder: { readonly pid: number; readonly host: string }): string =>
  `The data folder ${folder} is in use by process ${holder.pid} on ${holder.host}. Stop that Urn Bench first, or set URN_BENCH_DATA to another folder.`

/** The data folder cannot be made or written to. */
export function folderFaultWords(folder: string, code: string | undefined): string {
  switch (code) {
    case 'EEXIST':
    case 'ENOTDIR':
      return `The data folder ${folder} is a file, or lies below one. Set URN_BENCH_DATA to a folder.`
    case 'EACCES':
    case 'EPERM':
    case 'EROFS':
      return `The data folder ${folder} cannot be written to. Give yourself the right to write there, or set URN_BENCH_DATA to another folder.`
    case 'ENOSPC':
    case 'EDQUOT':
      return folderFullWords(folder)
    default:
      return `The data folder ${folder} cannot be opened (${code ?? 'unknown'}). Set URN_BENCH_DATA to another folder.`
  }
}

export const folderFullWords = (folder: string): string =>
  `The disk that holds the data folder ${folder} is full. Make room on it, or set URN_BENCH_DATA to a folder elsewhere.`

/** A database's address without its password. */
function shown(url: string): string {
  try {
    const { protocol, host, pathname } = new URL(url)
    return `${protocol}//${host}${pathname}`
  } catch {
    return 'that DATABASE_URL names'
  }
}

export const noAddressWords =
  'DATABASE_URL is no address. It looks like postgres://user@host:5432/name; or leave it out.'

/** The PostgreSQL server that DATABASE_URL names cannot be used. */
export function serverFaultWords(url: string, error: unknown): string {
  const { code, message } = error instanceof Error ? (error as Error & { code?: string }) : { code: '', message: '' }
  const at = shown(url)
  switch (code) {
    case '3D000':
      return `The database ${at} does not exist. Make it first, or leave DATABASE_URL out.`
    case '28P01':
    case '28000':
      return `The database ${at} does not let this user in. Correct the name or the password in DATABASE_URL.`
    case 'ENOTFOUND':
    case 'EAI_AGAIN':
      return `The host of the database ${at} is not known. Correct DATABASE_URL, or leave it out.`
    default:
      return `The database ${at} does not answer (${code === undefined || code === '' ? message : code}). Start it, or leave DATABASE_URL out.`
  }
}

/** What broke while the bench was opened, and is none of the above. */
export const cannotStartWords = (id: string): string =>
  `The bench could not be opened; what happened stands in the log under ${id}. Nothing was changed: put right what it names, then start again.`
