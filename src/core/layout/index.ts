export { around, inRows, type Laid } from "./autoLayout";
export { boundsOf, cornersOf, onDrawing, overlap, within, type Point } from "./rectangle";
export {
  OutlineSchema,
  PlotSchema,
  PositionSchema,
  type Outline,
  type Plot,
  type Position,
} from "./schema";
