export { Boundary } from "./Boundary";
export { lazyPart } from "./lazyPart";
export { ReloadButton } from "./ReloadButton";
export { keepFocus } from "./focusKeeper";
export { FrameGrid } from "./FrameGrid";
export { Rail } from "./Rail";
export type { RailEntry } from "./railEntry";
export { InspectorPanel, InspectorSection } from "./InspectorPanel";
export { PrintFrame } from "./PrintFrame";
