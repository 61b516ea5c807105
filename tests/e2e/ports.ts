/** Where the server with the demo garden listens; another one where two runs go on side by side. */
export const DEMO_PORT = Number(process.env.E2E_PORT ?? 4711);
/** Where the server with nothing in it listens. */
export const EMPTY_PORT = DEMO_PORT + 20;
