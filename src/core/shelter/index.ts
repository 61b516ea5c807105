export {
  MaterialSchema,
  coverWords,
  materials,
  whereWords,
  type CoverIds,
  type Material,
} from "./materials";
export { growingSpace, type GrowingSpace } from "./growingSpace";
