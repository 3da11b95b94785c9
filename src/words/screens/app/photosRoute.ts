/** What [[...id]]’s route says. */
export const photosRouteWords = {
  thereIsNoSuch: 'There is no such photo.',
}
