export { tasksAhead, type TaskAhead } from "./ahead";
export { type Task } from "./task";
export { isForTonight, isSettled, settledOn, tasksOn } from "./tasks";
