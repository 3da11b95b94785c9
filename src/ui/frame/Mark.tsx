/** The urn: the app's own sign. */
export function Mark({ size = 26 }: { readonly size?: number }) {
  return (
    <svg viewBox="0 0 24 24" width={size} height={size} aria-hidden="true">
      <path
        d="M8 3h8M9 3c0 2.2-1.2 3-2.6 4.6C5 9.2 4.6 11 5 13c.6 3.2 2.6 5.4 4 8h6c1.4-2.6 3.4-4.8 4-8 .4-2 0-3.8-1.4-5.4C16.2 6 15 5.2 15 3"
        fill="none"
        stroke="var(--terracotta)"
        strokeWidth="1.9"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      <path d="M5.3 11.5h13.4" stroke="var(--glaze)" strokeWidth="1.9" />
      {[9, 12, 15].map((x) => (
        <circle key={x} cx={x} cy="15.2" r="1" fill="var(--glaze)" />
      ))}
    </svg>
  )
}
