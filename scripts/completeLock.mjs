// Completes package-lock.json with the optional binaries of other platforms. A registry mirror that
// carries only one platform's leaves them out of the lock, and `npm ci` then refuses it everywhere.
// Run it after `npm install` has changed the lock.
import { readFileSync, writeFileSync } from "node:fs";

const PATH = "package-lock.json";
const SYSTEMS = {
  darwin: "darwin",
  linux: "linux",
  win32: "win32",
  android: "android",
  freebsd: "freebsd",
  openharmony: "openharmony",
  netbsd: "netbsd",
  openbsd: "openbsd",
  sunos: "sunos",
  aix: "aix",
};
const PROCESSORS = {
  x64: "x64",
  arm64: "arm64",
  ia32: "ia32",
  arm: "arm",
  ppc64: "ppc64",
  s390x: "s390x",
  riscv64: "riscv64",
  loong64: "loong64",
  mips64el: "mips64el",
  wasm32: "wasm32",
};

const lock = JSON.parse(readFileSync(PATH, "utf8"));
const added = [];
for (const holder of Object.values(lock.packages)) {
  for (const [name, version] of Object.entries(holder.optionalDependencies ?? {})) {
    const path = `node_modules/${name}`;
    if (lock.packages[path] || !/^\d/.test(version)) continue;
    const words = name.split(/[/-]/);
    const os = Object.keys(SYSTEMS).find((word) => words.includes(word));
    const cpu = Object.keys(PROCESSORS).find((word) =>
      words.some(
        (part) =>
          part === word ||
          (word === "arm" && /^arm(eabi|eabihf)?$/.test(part)) ||
          (word === "arm" && part === "gnueabihf"),
      ),
    );
    if (!os) continue;
    const libc =
      os !== "linux"
        ? undefined
        : words.some((word) => word.startsWith("musl"))
          ? ["musl"]
          : words.some((word) => word.startsWith("gnu"))
            ? ["glibc"]
            : undefined;
    lock.packages[path] = {
      version,
      ...(cpu ? { cpu: [cpu] } : {}),
      ...(holder.dev ? { dev: true } : {}),
      ...(libc ? { libc } : {}),
      optional: true,
      os: [os],
    };
    added.push(name);
  }
}
lock.packages = Object.fromEntries(
  Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : 1)),
);
writeFileSync(PATH, `${JSON.stringify(lock, null, 2)}\n`);
console.log(`${added.length} optional packages added to the lock.`);
