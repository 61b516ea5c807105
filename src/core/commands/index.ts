export { commands, type CommandInput, type CommandName } from "./registry";
export { type Outcome, type WayOut } from "./command";
export { groundProblems, mendGround, type Mended } from "./ground";
export { type SettledTask } from "./roundCommands";
