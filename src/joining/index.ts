export { withChoices, type Conflict, type SideName } from "./choices";
export { openEngine } from "./engine";
export { joinGardens, type Joined } from "./join";
export { withHistory } from "./record";
