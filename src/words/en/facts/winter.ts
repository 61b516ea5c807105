import type { WinterFacts } from "@/core/facts";
import { learn } from "../../sentences";
import { plural } from "../../table";

export const winter = learn<WinterFacts>({
  "winter.noPlace":
    "This garden has no place yet: winters can be rehearsed once it has one, with its climate.",
  "winter.nothingGrows": ({ fromDay }, say) =>
    `Nothing grows or is to be sown from ${say.date(fromDay)} on: plan a sowing first.`,
  "winter.fewWintersOnRecord": ({ count, least }, say) =>
    `The weather record holds ${say.number(count)} ${plural(count, "whole winter", "whole winters")}; odds need at least ${say.number(least)}. Rehearse made-up winters instead: they are made from the same record.`,
  "winter.noRecord":
    "This garden goes by a few numbers, not by a weather record: rehearse made-up winters instead.",
  "winter.onlySoManyOnRecord": ({ count }, say) =>
    `The weather record holds ${say.number(count)} ${plural(count, "whole winter", "whole winters")}, no more.`,
  "winter.notCommands":
    'A change is a list of commands, each with a "name" and an "input", such as [{"name": "planting.remove", "input": {"plantingId": "…"}}].',
  "winter.notAShard":
    "This is no part of a rehearsal: it should come from --from-winter and --to-winter.",
  "winter.otherVersion": ({ version }, say) =>
    `This part of a rehearsal is of version ${say.number(version)}, which this program does not read: rehearse its winters again with this program.`,
  "winter.otherRehearsal":
    "These parts are not of the same rehearsal: garden, seed, first day and change must be the same in all.",
  "winter.winterTwice": ({ winter: number }, say) =>
    `Winter ${say.number(number)} is there twice: give each part once.`,
  "winter.wintersMissing": ({ from, to }, say) => {
    const which =
      from === to
        ? `Winter ${say.number(from)} is`
        : `Winters ${say.number(from)} to ${say.number(to)} are`;
    return `${which} missing: rehearse with --from-winter ${from} --to-winter ${to}, and give that part too.`;
  },
});
