import { useCallback, useState } from "react";
import { request } from "../api/client";
import type { ReadOutline } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { counted } from "../ui/words";
import { planted, type Spot } from "./lines";

/** What came of text that was pasted. */
export type Pasted = { said: string; repairs: ReadOutline["repairs"] };

/** Makes topics of text that is pasted, and tells what came of it. */
export function usePasting(mapId: string, actions: DeskActions, say: (words: string) => void) {
  const [pasted, setPasted] = useState<Pasted | null>(null);
  const { edit } = actions;
  const paste = useCallback(
    async (text: string, spot: Spot) => {
      if (!text.trim()) {
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
    [mapId, edit, say],
  );
  return { pasted, paste, dismiss: () => setPasted(null) };
}
