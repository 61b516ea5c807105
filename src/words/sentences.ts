import type { LocalWording } from "./voice";

/** For each code of a room: its text, or how its sentence is made. */
export type Sentences<Facts> = {
  readonly [C in keyof Facts]: string | ((about: Facts[C], say: LocalWording) => string);
};
