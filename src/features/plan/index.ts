export { PlanView } from "./PlanView";
