export { useVersion } from "./useVersion";
