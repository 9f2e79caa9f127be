// @vitest-environment jsdom
import { cleanup, createEvent, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { useFileDrop } from "./useFileDrop";

afterEach(cleanup);

function Desk({ onFiles }: { onFiles: (files: File[], onto: Element) => void }) {
  const { over, handlers } = useFileDrop(onFiles);
  return (
    <div data-testid="desk" {...handlers}>
      <p data-testid="topic">{over ? "drop it here" : ""}</p>
    </div>
  );
}

const file = new File(["salt"], "marsh.txt");

function held(types: string[]) {
  return { dataTransfer: { types, files: [file], items: [] } };
}

/** Drags of jsdom do not say where they go to. */
function leave(from: Element, relatedTarget: Element) {
  fireEvent(from, new MouseEvent("dragleave", { bubbles: true, relatedTarget }));
}

describe("files that are dropped", () => {
  it("are taken with what they fell on, and shown to be welcome before", async () => {
    const onFiles = vi.fn();
    render(<Desk onFiles={onFiles} />);
    const topic = screen.getByTestId("topic");
    fireEvent.dragOver(topic, held(["Files"]));
    expect(topic.textContent).toBe("drop it here");
    fireEvent.drop(topic, held(["Files"]));
    expect(topic.textContent).toBe("");
    await vi.waitFor(() => expect(onFiles).toHaveBeenCalledWith([file], topic));
  });

  it("are not words that are dragged: those are left to the page", () => {
    const onFiles = vi.fn();
    render(<Desk onFiles={onFiles} />);
    const topic = screen.getByTestId("topic");
    const over = createEvent.dragOver(topic, held(["text/plain"]));
    fireEvent(topic, over);
    expect(over.defaultPrevented).toBe(false);
    fireEvent.drop(topic, held(["text/plain"]));
    expect(topic.textContent).toBe("");
    expect(onFiles).not.toHaveBeenCalled();
  });

  it("are held no more once they leave the desk, but still from one part of it to another", () => {
    render(<Desk onFiles={vi.fn()} />);
    const [desk, topic] = [screen.getByTestId("desk"), screen.getByTestId("topic")];
    fireEvent.dragOver(topic, held(["Files"]));
    leave(topic, desk);
    expect(topic.textContent).toBe("drop it here");
    leave(desk, document.body);
    expect(topic.textContent).toBe("");
  });
});
