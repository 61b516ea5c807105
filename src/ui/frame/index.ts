export { Boundary } from "./Boundary";
export { lazyPart } from "./lazyPart";
export { ReloadButton } from "./ReloadButton";
export { useFocusKeeper } from "./useFocusKeeper";
export { FrameGrid } from "./FrameGrid";
export { Rail, type RailEntry } from "./Rail";
export { InspectorPanel, InspectorSection } from "./InspectorPanel";
export { PrintFrame } from "./PrintFrame";
