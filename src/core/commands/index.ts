export { applyAll, type CommandCall } from "./applyAll";
export { groundProblems, mendGround } from "./beds/ground";
export { type Outcome, type WayOut } from "./command";
export { commands, type CommandInput, type CommandName } from "./registry";
