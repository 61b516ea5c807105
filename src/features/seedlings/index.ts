export { SeedlingsView } from "./SeedlingsView";
