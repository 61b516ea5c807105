export { MonthDayField } from "./MonthDayField";
export { FileButton } from "./FileButton";
export { useSettling, type Settling } from "./useSettling";
export { clearPending, dropPending, markPending } from "./pendingChange";
export { FormDialog } from "./FormDialog";
export { CropPicker } from "./CropPicker";
export { WaysOut } from "./WaysOut";
export { SectionForm } from "./SectionForm";
