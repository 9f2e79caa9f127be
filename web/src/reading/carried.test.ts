// @vitest-environment jsdom
import { expect, test, vi } from "vitest";
import { carry, takesPassages } from "./carried";

function drag(target: Element, data = new Map<string, string>()) {
  const dataTransfer = {
    types: [...data.keys()],
    setData: (type: string, words: string) => data.set(type, words),
    getData: (type: string) => data.get(type) ?? "",
    effectAllowed: "",
    dropEffect: "",
  };
  return { target, dataTransfer, preventDefault: vi.fn() } as unknown as React.DragEvent;
}

test("a passage that is dropped on another topic moves there, on its own it stays", () => {
  document.body.innerHTML = "<p data-topic='wall'><b>Wall</b></p><p data-topic='age'>Age</p>";
  const [wall, age] = [document.querySelector("b"), document.querySelector("[data-topic=age]")];
  if (!wall || !age) {
    throw new Error("nothing to drop on");
  }
  const data = new Map<string, string>();
  carry(drag(age, data), { topic: "age", evidence: "e" }, "words");
  const onMove = vi.fn();
  const takes = takesPassages(onMove);
  const over = drag(wall, data);
  takes.onDragOver(over);
  expect(over.preventDefault).toHaveBeenCalled();
  expect(wall.parentElement?.hasAttribute("data-passage-over")).toBe(true);
  takes.onDrop(drag(wall, data));
  expect(onMove).toHaveBeenCalledWith({ topic: "age", evidence: "e" }, "wall");
  expect(wall.parentElement?.hasAttribute("data-passage-over")).toBe(false);
  takes.onDrop(drag(age, data));
  takes.onDrop(drag(wall));
  expect(onMove).toHaveBeenCalledTimes(1);
});
