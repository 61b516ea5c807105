export { MonthDayField } from "./MonthDayField";
export { FileButton } from "./FileButton";
export { useSettling } from "./useSettling";
