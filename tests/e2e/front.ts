import { createServer, request as ask, type Server } from "node:http";
import { DEMO_PORT } from "./ports";

/** A server before the demo's own, which can go away, come back, and serve a newer version. */
export interface Front {
  address: string;
  goAway(): Promise<void>;
  comeBack(): Promise<void>;
  /** From now on there is a newer version: one line more in what is taken along. */
  renew(): void;
}

const NEWER = "\n// A newer version.\n";

export async function startFront(): Promise<Front> {
  let isNewer = false;
  let server: Server | null = null;
  let port = 0;
  const listen = () =>
    new Promise<void>((resolve) => {
      server = createServer((asked, answer) => {
        const { method, url: path, headers } = asked;
        const passed = ask({ port: DEMO_PORT, method, path, headers }, (found) => {
          answer.writeHead(found.statusCode ?? 500, found.headers);
          if (path === "/sw.js" && isNewer) {
            found.pipe(answer, { end: false });
            found.on("end", () => answer.end(NEWER));
          } else found.pipe(answer);
        });
        passed.on("error", () => answer.destroy());
        asked.pipe(passed);
      });
      server.listen(port, "127.0.0.1", () => {
        port = (server?.address() as { port: number }).port;
        resolve();
      });
    });
  await listen();
  return {
    address: `http://localhost:${port}`,
    goAway: () =>
      new Promise((resolve) => {
        server?.close(() => resolve());
        server?.closeAllConnections();
      }),
    comeBack: listen,
    renew: () => (isNewer = true),
  };
}
