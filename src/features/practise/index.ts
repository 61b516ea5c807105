export { PractiseView } from "./PractiseView";
