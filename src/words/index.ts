export { localWording, type LocalWording } from "./localWording";
