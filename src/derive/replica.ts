import type { RehearsedWinter } from "@/core/climate";
import { emptyGarden, withChanges, type Change, type Garden } from "@/core/garden";
import { prepare, siteFor, takePreparation, type Preparation } from "@/core/plantings";
import { answer, type AnswerTo, type ArgumentsOf, type QuestionName } from "./questions";

/** What is sent with each question: how the garden has changed since the last. */
export interface News {
  changes: readonly Change[];
  /** What the asker has worked out already; null where there is nothing new in it. */
  preparation: Preparation | null;
  /** The winter that the garden is looked at in; nothing for its own. */
  rehearsed?: RehearsedWinter | undefined;
}

/** A second garden, kept in step with the one on the screen, of which questions are answered. */
export class Replica {
  private garden: Garden = emptyGarden();

  /** Works out what takes long for the garden as it is now. */
  prepare(news: News): Preparation {
    this.hear(news);
    return prepare(this.garden);
  }

  /** @returns null where the garden has no place */
  ask<Q extends QuestionName>(news: News, name: Q, args: ArgumentsOf<Q>): AnswerTo<Q> | null {
    this.hear(news);
    const site = siteFor(this.garden);
    return site && answer(name, { garden: this.garden, site }, args);
  }

  private hear({ changes, preparation, rehearsed }: News): void {
    const { rehearsed: before, ...garden } = withChanges(this.garden, changes);
    // The same winter stays the same object, and what was derived from it.
    const winter = rehearsed && before?.key === rehearsed.key ? before : rehearsed;
    this.garden = winter ? { ...garden, rehearsed: winter } : garden;
    if (preparation) takePreparation(this.garden, preparation);
  }
}
