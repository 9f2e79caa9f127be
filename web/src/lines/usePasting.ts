import { useCallback, useState } from "react";
import { request } from "../api/client";
import type { ReadOutline } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { counted } from "../ui/words";
import { planted, type Spot } from "./lines";

/** What came of text that was pasted. */
export type Pasted = { said: string; repairs: ReadOutline["repairs"] };

/** Whether a text is rows of a spreadsheet: most of its lines have a tab between words. */
export function isTable(text: string): boolean {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== "");
  const rows = lines.filter((line) => /\S[^\t]*\t/.test(line));
  return lines.length > 1 && rows.length > lines.length / 2;
}

/**
 * Makes topics of text that is pasted, and tells what came of it.
 *
 * @param onTable takes rows of a spreadsheet, to come under a topic
 */
export function usePasting(
  mapId: string,
  actions: DeskActions,
  say: (words: string) => void,
  onTable: (text: string, under: string) => void,
) {
  const [pasted, setPasted] = useState<Pasted | null>(null);
  const { edit } = actions;
  const paste = useCallback(
    async (text: string, spot: Spot) => {
      if (!text.trim()) {
        return;
      }
      if (isTable(text)) {
        onTable(text, spot.parent);
        return;
      }
      setPasted({ said: "Reading the lines…", repairs: [] });
      try {
        const outline = await request<ReadOutline>("POST", `/api/maps/${mapId}/outline/read`, {
          text,
        });
        const edits = planted(outline, spot);
        if (edits.length > 0) {
          edit({ type: "Several", edits });
        }
        const count = edits.filter((each) => each.type === "Add").length;
        setPasted({ said: `${counted(count, "topic")} pasted`, repairs: outline.repairs });
        say(`${counted(count, "topic")} pasted`);
      } catch (e) {
        setPasted({ said: e instanceof Error ? e.message : String(e), repairs: [] });
      }
    },
    [mapId, edit, say, onTable],
  );
  return { pasted, paste, dismiss: () => setPasted(null) };
}
