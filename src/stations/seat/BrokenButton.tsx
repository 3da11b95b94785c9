/** The way to what is broken of the end itself. */
export const BrokenButton = ({ open }: { readonly open: () => void }) => (
  <button type="button" className="act-button" onClick={open}>
    <span>Lock or housing is broken…</span> <kbd aria-hidden="true">B</kbd>
  </button>
)
