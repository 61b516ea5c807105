export { RehearseView } from "./RehearseView";
