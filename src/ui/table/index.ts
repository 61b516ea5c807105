export {
  NARROW_BODY,
  NARROW_CELL,
  NARROW_HEAD,
  NARROW_MARK,
  NARROW_ROW,
  NARROW_TABLE,
} from "./narrow";
export { TableTools } from "./TableTools";
export { MARK, TitleCells } from "./TitleCells";
export { column, useTable } from "./useTable";
