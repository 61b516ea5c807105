export { readWeatherFile, type Job } from "./weatherFile";
