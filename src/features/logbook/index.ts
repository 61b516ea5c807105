export { LogbookView } from "./LogbookView";
