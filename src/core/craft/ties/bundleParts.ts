/** What is put on a bundle along its way. */
export const bundleParts = ['tie', 'label', 'sleeve'] as const
export type BundlePart = (typeof bundleParts)[number]
