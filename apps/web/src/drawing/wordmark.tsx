/** A bead's section on a line, and the name. */
export function Wordmark() {
  return (
    <span className="flex items-center gap-2">
      <svg viewBox="0 0 40 28" className="h-7 w-10" aria-hidden="true">
        <path d="M1 16H39" stroke="currentColor" strokeWidth="2" />
        <path
          d="M12 16C13 6 27 6 28 16C25 23 15 23 12 16Z"
          fill="var(--action)"
          stroke="currentColor"
          strokeWidth="1.5"
        />
      </svg>
      <span className="figure-text text-xl">Hot Bead</span>
    </span>
  );
}
