export { Theme } from "./Theme";
