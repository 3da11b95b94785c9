/** The cookie in which a bench keeps its operator. */
export const OPERATOR_COOKIE = 'urn-operator'
