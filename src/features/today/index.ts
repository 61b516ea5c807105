export { SheetView } from "./SheetView";
export { TodayView } from "./TodayView";
