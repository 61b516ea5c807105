export { decoded, encodingOf, type Encoding } from "./encoding";
