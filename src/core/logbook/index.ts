export { plantingsMeant } from "./fit";
export { namesIn, plain } from "./names";
export { meantOf, readLine, type ReadLine } from "./quickLine";
export { type LineContext, type Understood } from "./understood";
export { VERBS, type Deed } from "./vocabulary";
export { subjectOf } from "./subject";
