/** The logo: a struck drum with leaping grains of salt. */
export function Mark({ size }: { size: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden>
      <path
        d="M3 11v10c0 3.600 5.800 6.500 13 6.500S29 24.600 29 21V11"
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="1.800"
      />
      <path
        d="M4.500 14.500 10.500 26M12 17l4 10.500M20 17l-4 10.500M27.500 14.500 21.500 26"
        stroke="var(--ink)"
        strokeWidth="1.300"
        fill="none"
      />
      <ellipse
        cx="16"
        cy="11"
        rx="13"
        ry="5.600"
        fill="var(--page)"
        stroke="var(--ink)"
        strokeWidth="1.800"
      />
      <circle cx="11.500" cy="6.500" r="1.300" fill="var(--accent)" />
      <circle cx="16.500" cy="3.200" r="1.300" fill="var(--accent)" />
      <circle cx="20.500" cy="7.200" r="1.300" fill="var(--accent)" />
    </svg>
  );
}
