/** Fetched once the page stands: every kind of entry is in it. */
export const loadFolding = () => import('./folding')
