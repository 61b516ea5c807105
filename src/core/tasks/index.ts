export { ASKED_ANEW, tasksAhead, type TaskAhead } from "./ahead";
export { minutesFor, pileOf, pilesOf, type Pile } from "./piles";
export { type Task } from "./task";
export { isForTonight, isSettled, settledOn } from "./settled";
export { tasksOn } from "./tasks";
