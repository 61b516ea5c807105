/** Sizes of the strand chart, in pixels. */
export const ROW_HEIGHT = 23;
export const GROUP_HEIGHT = 24;
export const LABEL_WIDTH = 176;
export const NARROW_LABEL_WIDTH = 78;
export const AXIS_HEIGHT = 26;

export interface StrandLayout {
  width: number;
  /** Where time begins, right of the names. */
  left: number;
  right: number;
}
