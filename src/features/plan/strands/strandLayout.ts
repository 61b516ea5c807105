/** Sizes of the strand chart, in pixels. */
/** What a pointer needs of a row, and what a finger does. */
export const ROW_HEIGHT = { fine: 23, coarse: 44 } as const;
export const GROUP_HEIGHT = 24;
export const LABEL_WIDTH = 192;
export const NARROW_LABEL_WIDTH = 78;
export const AXIS_HEIGHT = 26;

/** Strands begin in spring, when leeks and brassicas for the winter are sown. */
export const DAYS_BEFORE_SEASON = 52;
export const DAYS_CUT_AT_END = 8;

export interface StrandLayout {
  width: number;
  /** Where time begins, right of the names. */
  left: number;
  right: number;
  rowHeight: number;
}
