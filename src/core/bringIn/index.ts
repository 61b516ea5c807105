export { broughtIn, type Brought } from "./bringIn";
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
