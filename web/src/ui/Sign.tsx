const paths = {
  undo: "M7 5 3 9l4 4M3 9h8a4 4 0 0 1 0 8H8",
  redo: "m13 5 4 4-4 4m4-4H9a4 4 0 0 0 0 8h3",
  plus: "M10 4v12M4 10h12",
  minus: "M4 10h12",
  fit: "M4 8V4h4M16 8V4h-4M4 12v4h4M16 12v4h-4",
  full: "M3 8V3h5M17 8V3h-5M3 12v5h5M17 12v5h-5M8 8l4 4M12 8l-4 4",
  open: "M8 3q-3 0-3 3v1q0 3-3 3 3 0 3 3v1q0 3 3 3M11 5h6M11 10h6M11 15h6",
  close: "M12 3q-3 0-3 3v1q0 3-3 3 3 0 3 3v1q0 3 3 3",
  keys: "M2 5h16v10H2zM5 8h1M9 8h1M13 8h2M5 12h10",
  down: "m6 8 4 4 4-4",
  more: "M5 6h10M5 10h10M5 14h6",
  back: "m9 5-5 5 5 5M4 10h12",
} as const;

/** A small line drawing for a button; the button carries the name. */
export function Sign({ name }: { name: keyof typeof paths }) {
  return (
    <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
      <path
        d={paths[name]}
        fill="none"
        stroke="currentColor"
        strokeWidth="1.5"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
