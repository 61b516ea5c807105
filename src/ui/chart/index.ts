export { Mark } from "./Mark";
export { useSize } from "./useSize";
export { monthStarts, timeScale, type TimeScale } from "./timeAxis";
export { strandPath } from "./strandShape";
export { useDrag } from "./useDrag";
export { DaylightGradient, Hatch } from "./fills";
export { DayLine, SeasonAxis } from "./SeasonAxis";
export { WeightLines } from "./WeightLines";
