/** Gives plain script what AssemblyScript brings along: import it first to run this room in a test. */
Object.assign(globalThis, {
  StaticArray: class extends Array<number> {
    constructor(length: number) {
      super(length);
      this.fill(0);
    }
  },
});

export {};
