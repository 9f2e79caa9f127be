// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { useState } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { useKeptFocus, useUndoKeys } from "./useKeptFocus";

afterEach(cleanup);

function Page() {
  const [there, setThere] = useState(true);
  useKeptFocus();
  return (
    <section tabIndex={-1} aria-label="Reading page">
      {there && (
        <ul>
          <li>
            <button type="button" onClick={() => setThere(false)}>
              Delete
            </button>
          </li>
        </ul>
      )}
    </section>
  );
}

describe("the focus", () => {
  it("goes to what stood around when what had it goes", async () => {
    render(<Page />);
    const button = screen.getByText("Delete");
    button.focus();
    fireEvent.click(button);
    await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText("Reading page")));
  });
});

function Undoing({ undo, redo }: { undo: () => void; redo: () => void }) {
  useUndoKeys(undo, redo);
  return (
    <>
      <button type="button">Somewhere</button>
      <input aria-label="Note" />
    </>
  );
}

describe("the keys of undo", () => {
  it("work wherever one is, but where one writes", () => {
    const [undo, redo] = [vi.fn(), vi.fn()];
    render(<Undoing undo={undo} redo={redo} />);
    fireEvent.keyDown(screen.getByText("Somewhere"), { key: "z", ctrlKey: true });
    fireEvent.keyDown(document.body, { key: "Z", metaKey: true, shiftKey: true });
    fireEvent.keyDown(screen.getByText("Somewhere"), { key: "y", ctrlKey: true });
    expect([undo.mock.calls.length, redo.mock.calls.length]).toEqual([1, 2]);
    fireEvent.keyDown(screen.getByLabelText("Note"), { key: "z", ctrlKey: true });
    fireEvent.keyDown(screen.getByText("Somewhere"), { key: "z" });
    expect(undo).toHaveBeenCalledTimes(1);
  });
});
