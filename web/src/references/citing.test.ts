import { expect, test } from "vitest";
import type { Citation, WorkType } from "../api/types";
import { CITATION, cite, notesCiting, read, written } from "./citing";
import { fieldsOf, NO_WORK } from "./WorkFields";

test("a citation is written as it is read", () => {
  for (const note of [
    "[see @kest2031, p. 12, on silt; -@pell2029, 1:02:47]",
    "[@a]",
    "[@a; @b-2, chap. 2]",
    "[-@a, fig. 3, passim]",
  ]) {
    expect(CITATION.exec(`so ${note} it is`)?.[0]).toBe(note);
    expect(written(read(note))).toBe(note);
  }
});

test("pages may be bare or several", () => {
  expect(read("[@a, 7]")[0]).toMatchObject({ kind: "p.", where: "7" });
  expect(read("[@a, pp. 12-14]")[0]).toMatchObject({ kind: "p.", where: "12-14" });
  expect(read("[no citation]")).toEqual([]);
});

test("what would end a citation does not get into it", () => {
  expect(written([{ ...cite("a"), before: "see [x]; @b", after: "\n" }])).toBe("[see x b @a]");
});

test("a time is a time whatever is counted", () => {
  expect(written([{ ...cite("a"), where: "12:47" }])).toBe("[@a, 12:47]");
});

test("only notes lose a citation when a work goes", () => {
  const cited = (note: string, ...keys: string[]) => ({ written: note, keys }) as Citation;
  const all = [cited("[@a]", "a"), cited("", "a"), cited("[@b]", "b")];
  expect(notesCiting(all, "a")).toEqual([all[0]]);
});

test("fields are those of the type and those that say something", () => {
  const field = (name: string) => ({ name, word: name, dates: false });
  const types = [
    { name: "BOOK", word: "book", roles: [], fields: [field("TITLE")] },
    { name: "WEB", word: "web page", roles: [], fields: [field("TITLE"), field("URL")] },
  ] as unknown as WorkType[];
  expect(fieldsOf(types, NO_WORK).map((f) => f.name)).toEqual(["TITLE"]);
  const known = { ...NO_WORK, fields: { URL: "https://x" } };
  expect(fieldsOf(types, known).map((f) => f.name)).toEqual(["TITLE", "URL"]);
});
