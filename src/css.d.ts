declare module '*.module.css' {
  const classes: Readonly<Record<string, string>>
  export default classes
}
declare module '*/theme/mantine.css'
declare module '*/theme/reset.css'
declare module '@fontsource/*'
