/** A kestrel, hovering. */
export function Logo() {
  return (
    <svg width="30" height="22" viewBox="0 0 32 24" aria-hidden="true" focusable="false">
      <path
        d="M1 3c6 0 11 2.500 15 8.500C20 5.500 25 3 31 3c-4.500 2-7 4.500-9 8.500-1.500 3.500-3.500 7-6 10.500-2.500-3.500-4.500-7-6-10.500C8 7.500 5.500 5 1 3Z"
        fill="currentColor"
      />
    </svg>
  );
}
