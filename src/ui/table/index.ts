export { NARROW } from "./narrow";
export { TableTools } from "./TableTools";
export { MARK, TitleCells } from "./TitleCells";
export { column, useTable } from "./useTable";
