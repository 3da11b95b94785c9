/** The light tokens, for paper and for files: they know no custom properties. */
const paper: Readonly<Record<string, string>> = {
  slip: '#ffffff',
  bisque: '#ffffff',
  ink: '#1f1b18',
  glaze: '#12616b',
  'glaze-ink': '#12616b',
  'moss-ink': '#3c6430',
  hairline: '#ddd5c8',
  edge: '#8a7f73',
  terracotta: '#b4532a',
  'terracotta-ink': '#99431f',
  oxblood: '#8e2430',
  sans: 'Sans',
  mono: 'Mono',
}

/** A drawing's markup with its colours written out. */
export const withPaperColours = (markup: string): string =>
  markup
    .replace(/var\(--([a-z-]+)\)/g, (_whole, name: string) => paper[name] ?? '#1f1b18')
    .replace(/<title>.*?<\/title>/g, '')
