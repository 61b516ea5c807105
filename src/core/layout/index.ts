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
