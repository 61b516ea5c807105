export { commands, type CommandInput, type CommandName } from "./registry";
export { type Outcome, type WayOut } from "./command";
export { type SettledTask } from "./roundCommands";
