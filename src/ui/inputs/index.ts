export { MonthDayField } from "./MonthDayField";
