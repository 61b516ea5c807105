import { cropLibrary } from "@/core/crops";
import { toldMessage } from "@/ui/wording";
import { trials as say } from "@/words/en/trials";
import { treatmentsFrom, TrialFieldsSchema, type TrialFields } from "./trialFields";

const fields = (some: Partial<TrialFields>): TrialFields => ({
  name: "Compost",
  kind: "amendment",
  measure: "grams",
  lines: "nothing\n compost \n\nwood ash",
  varietyIds: [],
  cropIds: ["kale"],
  bedIds: ["bed-1"],
  blocks: 2,
  plants: true,
  sowOn: "2026-07-20",
  ...some,
});
const wrong = (some: Partial<TrialFields>) => {
  const read = TrialFieldsSchema.safeParse(fields(some));
  return read.success
    ? null
    : read.error.issues.map(({ path, message }) => [path[0], toldMessage(message)]);
};

test("treatments are told line by line, as names, dates, spacings, or varieties", () => {
  const kale = cropLibrary.get("kale");
  const of = (some: Partial<TrialFields>) => treatmentsFrom(fields(some), kale);
  expect(of({}).map(({ name }) => name)).toEqual(["nothing", "compost", "wood ash"]);
  expect(of({ kind: "date", lines: "2026-08-01\n2026-08-15" }).map(({ sowOn }) => sowOn)).toEqual([
    "2026-08-01",
    "2026-08-15",
  ]);
  expect(
    of({ kind: "spacing", lines: "100 %\n130" }).map(({ spacingFactor }) => spacingFactor),
  ).toEqual([1, 1.3]);
  // The first that was chosen is as usual.
  const varieties = of({ kind: "variety", varietyIds: ["red-russian", "curly", "gone"] });
  expect(varieties.map(({ varietyId }) => varietyId)).toEqual(["red-russian", "curly"]);
});

test.each([
  [{}, null],
  [{ kind: "variety" as const, varietyIds: ["curly", "red-russian"] }, null],
  [{ name: " " }, [["name", say.enterName]]],
  [{ lines: "only one" }, [["lines", say.enterTwo]]],
  [{ lines: "same\nsame" }, [["lines", say.twice]]],
  [{ lines: "a\nb\nc\nd\ne\nf\ng\nh\ni" }, [["lines", say.noMoreThan8]]],
  [{ kind: "date" as const, lines: "soon\nlater" }, [["lines", say.enterDates]]],
  [{ kind: "spacing" as const, lines: "100\n900" }, [["lines", say.enterSpacings]]],
  [
    { kind: "variety" as const, cropIds: ["kale", "beet"], varietyIds: ["a", "b"] },
    [["cropIds", say.oneCrop]],
  ],
  [{ cropIds: [] }, [["cropIds", say.chooseCrop]]],
  [{ bedIds: [] }, [["bedIds", say.chooseBed]]],
  [{ blocks: 2.5 }, [["blocks", say.enterBlocks]]],
  [{ sowOn: "" }, [["sowOn", say.enterDate]]],
  [{ sowOn: "", plants: false }, null],
])("%j is %j", (some, expected) => {
  expect(wrong(some)).toEqual(expected);
});
