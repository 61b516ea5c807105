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
