/** Three contour lines of a dune with the wind behind it. */
export function Mark({ size = 26 }: { size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="2 6 28 20"
      fill="none"
      className="stroke-sand"
      strokeLinecap="round"
      aria-hidden="true"
    >
      <path d="M4 24c5-1 6-15 13-15 6 0 6 13 11 14" strokeWidth="2.2" />
      <path
        d="M9 24c3-1 4-9.5 8.3-9.500 3.700 0 3.900 8 6.700 9.200"
        strokeWidth="1.700"
        opacity=".8"
      />
      <path
        d="M13.500 24c1.500-.8 2-4.600 4-4.600 1.800 0 2 3.700 3.300 4.400"
        strokeWidth="1.300"
        opacity=".6"
      />
    </svg>
  );
}
