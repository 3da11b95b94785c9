/** Another bench of this machine: the page of the same name on another port. */
export const addressOfPort = (port: number): string =>
  `${window.location.protocol}//${window.location.hostname}:${port}/`
