// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { ThemeProvider } from "styled-components";
import { afterEach, describe, expect, it, vi } from "vitest";
import { theme } from "../theme/tokens";
import { Region } from "./Region";
import { useTypedWords } from "./typing";

afterEach(cleanup);

let broken = false;

function Faulty() {
  if (broken) {
    throw new Error("a fault");
  }
  return <p>the map</p>;
}

function Field({ onSave }: { onSave: (words: string) => void }) {
  const { words, type } = useTypedWords("", onSave);
  return <input aria-label="Note" value={words} onChange={(event) => type(event.target.value)} />;
}

describe("a region of the page", () => {
  it("keeps a fault to itself, saves what was typed elsewhere and can be shown again", () => {
    vi.spyOn(console, "error").mockImplementation(() => {});
    const saved: string[] = [];
    const page = () => (
      <ThemeProvider theme={theme}>
        <Region name="The map">
          <Faulty />
        </Region>
        <Field onSave={(words) => saved.push(words)} />
      </ThemeProvider>
    );
    const shown = render(page());
    fireEvent.change(screen.getByLabelText("Note"), { target: { value: "silt" } });
    expect(saved).toEqual([]);
    broken = true;
    shown.rerender(page());
    expect(screen.getByRole("alert").textContent).toContain("The map met a fault");
    expect(screen.getByLabelText("Note")).toBeTruthy();
    expect(saved).toEqual(["silt"]);
    broken = false;
    fireEvent.click(screen.getByText("Show it again"));
    expect(screen.getByText("the map")).toBeTruthy();
  });
});
