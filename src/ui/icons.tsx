/** Line drawings of the rail and the wordmark, one weight, made for this product. */
const PATHS = {
  table: 'M3 7h18M5 7v11M19 7v11M9 11h6',
  garments: 'M8 4L3 7l2 4 2-1v10h10V10l2 1 2-4-5-3a4 4 0 0 1-8 0Z',
  cloth: 'M4 6c5-2 8 2 16 0v12c-8 2-11-2-16 0Z',
  elastics: 'M2 13c2.5-7 5-7 6.7 0s4.2 7 6.6 0 4.2-7 6.7 0',
  wearers: 'M12 11a3.5 3.5 0 1 0 0-7 3.5 3.5 0 0 0 0 7ZM5 20c0-4 3-6.5 7-6.5s7 2.5 7 6.5',
  patterns: 'M5 4h10l4 5v11H5ZM9 20v-6h5M15 4c-1 3 1 5 4 5',
  machines: 'M3 20h18M4 20v-4h16v4M8 16V6h10a3 3 0 0 1 3 3v7M8 6H5v5h3M6.5 11v3M18 10h.01',
  log: 'M6 3h11a1 1 0 0 1 1 1v16H7a2 2 0 0 1-2-2V4a1 1 0 0 1 1-1ZM5 18a2 2 0 0 1 2-2h11M9 7.5h5.5M9 11h3.5',
  sums: 'M4 8h7M7.5 4.5v7M14 8h6M4.5 16l5 4M9.5 16l-5 4M14 16h6M14 20h6',
  household: 'M3 7.5h18v12H3ZM3 11.5h18M9.5 11.5v3h5v-3M6 7.5l1.5-3h9l1.5 3',
} as const;

export type IconName = keyof typeof PATHS;

export function Icon({ name }: { name: IconName }) {
  return (
    <svg
      viewBox="0 0 24 24"
      width="22"
      height="22"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.7"
      strokeLinejoin="round"
      strokeLinecap="round"
      aria-hidden="true"
    >
      <path d={PATHS[name]} />
    </svg>
  );
}

export function Wordmark() {
  return (
    <svg
      viewBox="0 0 32 20"
      width="32"
      height="20"
      fill="none"
      stroke="var(--demand)"
      strokeWidth="2.2"
      strokeLinejoin="round"
      strokeLinecap="round"
      aria-hidden="true"
    >
      <path d="M1 12h4l3-9 3 14 3-11 2 6h15" />
    </svg>
  );
}
