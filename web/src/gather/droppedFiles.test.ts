import { describe, expect, it } from "vitest";
import { droppedFiles } from "./droppedFiles";

type Tree = { [name: string]: Tree | string };

/** An entry as the browser gives it, made of a tree of names. */
function entry(name: string, content: Tree | string): FileSystemEntry {
  if (typeof content === "string") {
    return {
      isFile: true,
      name,
      file: (ok: (file: File) => void) => ok(new File([content], name)),
    } as unknown as FileSystemEntry;
  }
  let given = false;
  return {
    isFile: false,
    name,
    createReader: () => ({
      readEntries: (ok: (all: FileSystemEntry[]) => void) => {
        ok(given ? [] : Object.entries(content).map(([n, c]) => entry(n, c)));
        given = true;
      },
    }),
  } as unknown as FileSystemEntry;
}

function transfer(tree: Tree): DataTransfer {
  return {
    items: Object.entries(tree).map(([name, content]) => ({
      webkitGetAsEntry: () => entry(name, content),
    })),
    files: [],
  } as unknown as DataTransfer;
}

describe("what is dropped", () => {
  it("is all files, those in folders and their folders too, in the order of their names", async () => {
    const files = await droppedFiles(
      transfer({ "a.txt": "a", folder: { "c.txt": "c", "b.txt": "b", deep: { "d.txt": "d" } } }),
    );
    expect(files.map((file) => file.name)).toEqual(["a.txt", "b.txt", "c.txt", "d.txt"]);
  });

  it("leaves hidden files alone", async () => {
    const files = await droppedFiles(transfer({ folder: { ".secret": "x", "a.txt": "a" } }));
    expect(files.map((file) => file.name)).toEqual(["a.txt"]);
  });

  it("is the plain list where the browser knows no folders", async () => {
    const plain = new File(["a"], "a.txt");
    const files = await droppedFiles({ items: [], files: [plain] } as unknown as DataTransfer);
    expect(files).toEqual([plain]);
  });
});
