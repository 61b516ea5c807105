export { TodayView } from "./TodayView";
export { SheetView } from "./sheet/SheetView";
