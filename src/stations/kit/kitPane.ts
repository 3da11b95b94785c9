/** What the Kit shows in place of a termination. */
export type KitPane = 'parts' | 'whole' | 'tools' | 'bring'
