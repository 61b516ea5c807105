export { openAddress, useAddress } from "./useAddress";
