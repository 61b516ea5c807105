export { SheltersView } from "./SheltersView";
