export { useSize } from "./useSize";
export { monthStarts, timeScale, type TimeScale } from "./timeAxis";
export { strandPath } from "./strandShape";
export { useDrag, type DragHandlers } from "./useDrag";
