/** Why a workbook is not read. */
export type XlsxFault =
  | { readonly kind: 'no-xlsx' }
  | { readonly kind: 'too-large'; readonly bytes: number; readonly limit: number }
  | { readonly kind: 'unpacks-too-large'; readonly bytes: number; readonly limit: number }
  | { readonly kind: 'unpacks-too-much'; readonly ratio: number; readonly limit: number }
  | { readonly kind: 'unreadable'; readonly why: string }
  | { readonly kind: 'too-many-rows'; readonly rows: number; readonly limit: number }
