/** On a phone a row of a table stands as a small block instead of running out of the screen. */
const cell = {
  display: { xs: "block", md: "table-cell" },
  border: { xs: 0, md: undefined },
  // A line with nothing on it is only a gap there.
  "&:empty": { display: { xs: "none", md: "table-cell" } },
  "&[data-title]::before": {
    content: { xs: 'attr(data-title) ": "', md: "none" },
    color: "var(--ash-text)",
  },
} as const;

/** The looks of such a table's parts. */
export const NARROW = {
  table: { display: { xs: "block", md: "table" } },
  head: { display: { xs: "none", md: "table-header-group" } },
  body: { display: { xs: "block", md: "table-row-group" } },
  row: {
    display: { xs: "block", md: "table-row" },
    borderBottom: { xs: "1px solid var(--line)", md: 0 },
    py: { xs: 0.75, md: 0 },
    // The box stands beside the whole block.
    position: { xs: "relative", md: "static" },
    pl: { xs: 4.5, md: 0 },
  },
  /** A line of the block; with `data-title` it begins with what stands over its column. */
  cell,
  /** The cell of the box that a row is marked by. */
  mark: { ...cell, position: { xs: "absolute", md: "static" }, left: 0 },
} as const;
