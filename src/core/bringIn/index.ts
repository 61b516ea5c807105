export { broughtIn } from "./bringIn";
export { type Brought } from "./row";
export {
  columnsByName,
  FIELDS_OF,
  kindByName,
  TABLE_KINDS,
  type Columns,
  type Field,
  type TableKind,
} from "./columns";
export { readTable, type Table } from "./table";
