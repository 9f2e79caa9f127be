const paths = {
  undo: "M7 5 3 9l4 4M3 9h8a4 4 0 0 1 0 8H8",
  redo: "m13 5 4 4-4 4m4-4H9a4 4 0 0 0 0 8h3",
  plus: "M10 4v12M4 10h12",
  minus: "M4 10h12",
  fit: "M4 8V4h4M16 8V4h-4M4 12v4h4M16 12v4h-4",
  full: "M3 8V3h5M17 8V3h-5M3 12v5h5M17 12v5h-5M8 8l4 4M12 8l-4 4",
  open: "M8 3q-3 0-3 3v1q0 3-3 3 3 0 3 3v1q0 3 3 3M11 5h6M11 10h6M11 15h6",
  down: "m6 8 4 4 4-4",
  left: "m12 6-4 4 4 4",
  more: "M5 6h10M5 10h10M5 14h6",
  layout: "M8 4q-2 0-2 3t-2 3q2 0 2 3t2 3M12 4q2 0 2 3t2 3q-2 0-2 3t-2 3M9 10h2",
  looks: "M5 13 9 4l4 9M6.5 10h5M4 17h12M15 8v5",
  walk: "M3 16h4v-4h4V8h4V4h3",
  help: "M7.5 7.5a2.5 2.5 0 1 1 3.6 2.2q-1.1.6-1.1 1.8M10 14.5v.1",
  find: "M13.5 13.5 17 17M9 15A6 6 0 1 0 9 3a6 6 0 0 0 0 12",
  close: "m5 5 10 10M15 5 5 15",
  draw: "M4 6h4q3 0 3 4t4 4m-3-3 3 3-3 3",
  choose: "M4 7V4h3M10 4h3M16 4v3M16 10v3M16 16h-3M10 16H7M4 16v-3M4 10V9",
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
