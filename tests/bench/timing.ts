/** Milliseconds that the middle one of several runs takes, after a few to warm up. */
export function medianMs(work: () => void, runs = 15): number {
  for (let warm = 0; warm < 3; warm += 1) work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(times.length / 2)] ?? NaN;
}

/** Prints a measured value beside what is wanted, as a share of it. */
export function report(what: string, value: number, wanted: number, unit: string): void {
  const share = Math.round((value / wanted) * 100);
  const mark = value <= wanted ? "within" : "OVER";
  console.log(
    `${what}: ${value.toFixed(1)} ${unit}, ${share} % of the ${wanted} ${unit} allowed (${mark})`,
  );
}

/** Prints a measured rate beside the least that is wanted, as a multiple of it. */
export function reportRate(what: string, value: number, wanted: number): void {
  const times = (value / wanted).toFixed(1);
  const mark = value >= wanted ? "enough" : "TOO FEW";
  console.log(`${what}: ${Math.round(value)}, ${times} times the ${wanted} wanted (${mark})`);
}

/**
 * Milliseconds of processor time of the fastest of several runs, after a few to warm up: what the work takes
 * when nothing is in the way.
 */
export function leastMs(work: () => void, runs = 9): number {
  for (let warm = 0; warm < 3; warm += 1) work();
  let least = Infinity;
  for (let run = 0; run < runs; run += 1) {
    const start = process.cpuUsage();
    work();
    const { user, system } = process.cpuUsage(start);
    least = Math.min(least, (user + system) / 1000);
  }
  return least;
}
