/** What people do at a bench. */
export const roles = ['technician', 'lead', 'inspector'] as const
export type Role = (typeof roles)[number]
