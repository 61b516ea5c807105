export { PlaceView } from "./PlaceView";
