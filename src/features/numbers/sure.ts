import type { IsoDate } from "@/core/calendar";
import type { OwnNumber } from "@/core/garden";
import { asOwnNumber, type LearnedNumber } from "@/core/learn";

/** From so much on a number is offered to be used with all the others. */
export const SURE_WEIGHT = 0.5;
export const SURE_ENTRIES = 2;

/** Whether a number rests on enough, and is not in use yet. */
export function isSure({ used, weight, seen, what }: LearnedNumber): boolean {
  return !used && what !== "degrees" && weight >= SURE_WEIGHT && seen.length >= SURE_ENTRIES;
}

/** A number as it is kept: as the record has it now, or, switched off, as it was taken. */
export function ownNumberOf(number: LearnedNumber, on: IsoDate, used: boolean): OwnNumber {
  return !used && number.taken ? { ...number.taken, used } : asOwnNumber(number, on, used);
}
