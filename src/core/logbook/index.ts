export { meantOf, readLine, type ReadLine } from "./quickLine";
export { type LineContext, type Understood } from "./understood";
export { subjectOf } from "./subject";
