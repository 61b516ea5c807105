/**
 * AssemblyScript's types as TypeScript sees them: this room is compiled to WebAssembly, where they are
 * machine types, and run as plain script by the test that both give the same.
 */
type f64 = number;
type i32 = number;
type bool = boolean;

// eslint-disable-next-line @typescript-eslint/no-unused-vars -- named by AssemblyScript's compiler
interface StaticArray<Element> {
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- … which also checks it
  [index: number]: any;
}
declare const StaticArray: new <Element>(length: i32) => StaticArray<Element>;

// What the entry for two winters at a time uses besides; it is only ever compiled.
type usize = number;
/** A pair, where the sources have one number. */
type v128 = number;
declare const f64x2: {
  splat(value: f64): v128;
  /** A mask, where the sources have one truth. */
  gt(one: v128, other: v128): bool;
  replace_lane(both: v128, lane: i32, value: f64): v128;
  extract_lane(both: v128, lane: i32): f64;
};
declare function load<T>(at: usize): T;
declare function store<T>(at: usize, value: T): void;
declare function changetype<T>(of: unknown): T;
