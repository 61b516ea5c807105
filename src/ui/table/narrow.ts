/** On a phone a row stands as a small block instead of running out of the screen. */
export const NARROW_TABLE = { display: { xs: "block", md: "table" } } as const;
export const NARROW_HEAD = { display: { xs: "none", md: "table-header-group" } } as const;
export const NARROW_BODY = { display: { xs: "block", md: "table-row-group" } } as const;
export const NARROW_ROW = {
  display: { xs: "block", md: "table-row" },
  borderBottom: { xs: "1px solid var(--line)", md: 0 },
  py: { xs: 0.75, md: 0 },
  // The box stands beside the whole block.
  position: { xs: "relative", md: "static" },
  pl: { xs: 4.5, md: 0 },
} as const;
/** A cell is a line of the block; with `data-title` it begins with what stands over its column. */
export const NARROW_CELL = {
  display: { xs: "block", md: "table-cell" },
  border: { xs: 0, md: undefined },
  // A line with nothing on it is only a gap there.
  "&:empty": { display: { xs: "none", md: "table-cell" } },
  "&[data-title]::before": {
    content: { xs: 'attr(data-title) ": "', md: "none" },
    color: "var(--ash-text)",
  },
} as const;
/** The cell of the box that a row is marked by. */
export const NARROW_MARK = {
  ...NARROW_CELL,
  position: { xs: "absolute", md: "static" },
  left: 0,
} as const;
