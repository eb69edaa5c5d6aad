/** The product's logo: a ladder with its lowest rungs climbed. */
export function Mark() {
  return (
    <svg width="16" height="20" viewBox="0 0 16 20" aria-hidden="true" focusable="false">
      <g fill="none" stroke="currentColor" strokeWidth="1.6">
        <path d="M2.5 0v20M13.5 0v20" />
      </g>
      <g stroke="var(--oxide)" strokeWidth="1.8">
        <path d="M2.5 16h11M2.5 11h8" />
      </g>
      <g stroke="currentColor" strokeWidth="1.2">
        <path d="M2.5 6h5" strokeDasharray="2 1.4" />
      </g>
    </svg>
  );
}
