export { acrossProblem } from "./acrossProblem";
export {
  lengthOfCells,
  patchesM2,
  patchesMeet,
  patchesOf,
  WHOLE_WIDTH,
  type Part,
  type Patch,
} from "./across";
export { AcrossSchema, type Across, type Cell } from "./acrossSchema";
export { around, inRows, type Laid } from "./autoLayout";
export { exactM, fitsInto, SAME_LENGTH_M } from "./length";
export {
  axesOf,
  boundsOf,
  cornersOf,
  onDrawing,
  overlap,
  rectangleAround,
  within,
  type Point,
} from "./rectangle";
export {
  OutlineSchema,
  PlotSchema,
  PositionSchema,
  type Outline,
  type Plot,
  type Position,
} from "./schema";
export { UPRIGHT_DEG } from "./autoLayout";
