import { useEffect } from "react";

/** Whether a key pressed there writes. */
export function writes(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest("input, textarea, [contenteditable]") !== null;
}

/** What one works in, where nothing that was around is there any more. */
const WORKED_IN = '[role="tree"][tabindex], [role="grid"][tabindex], [data-study], main';

/**
 * Keeps the focus on the page: when what had it goes, what stood around it gets it, so that keys go on
 * working. What takes the focus somewhere by itself meanwhile wins.
 */
export function useKeptFocus(): void {
  useEffect(() => {
    let around: Element[] = [];
    let waiting = 0;
    const came = (event: FocusEvent) => {
      around = [];
      for (let at = event.target as Element | null; at; at = at.parentElement) {
        around.push(at);
      }
    };
    const restore = () => {
      waiting = 0;
      if (document.activeElement !== document.body && document.activeElement !== null) {
        return;
      }
      const last = around.find((each) => each.isConnected && each !== document.body);
      const holder =
        last?.closest<HTMLElement>("[tabindex]") ?? document.querySelector<HTMLElement>(WORKED_IN);
      if (holder && !holder.hasAttribute("tabindex")) {
        holder.tabIndex = -1;
      }
      holder?.focus({ preventScroll: true });
    };
    const changed = () => {
      const gone = around[0] && !around[0].isConnected;
      if (gone && waiting === 0 && document.activeElement === document.body) {
        // after two frames, as what closes gives the focus back in the next
        waiting = requestAnimationFrame(() => {
          waiting = requestAnimationFrame(restore);
        });
      }
    };
    const watch = new MutationObserver(changed);
    watch.observe(document.body, { childList: true, subtree: true });
    document.addEventListener("focusin", came);
    return () => {
      watch.disconnect();
      document.removeEventListener("focusin", came);
      cancelAnimationFrame(waiting);
    };
  }, []);
}

/** Undoes and does again by their keys wherever one is, but where one writes. */
export function useUndoKeys(undo: () => void, redo: () => void): void {
  useEffect(() => {
    const keyed = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      const meant = (event.ctrlKey || event.metaKey) && (key === "z" || key === "y");
      if (meant && !event.defaultPrevented && !event.altKey && !writes(event.target)) {
        event.preventDefault();
        key === "y" || event.shiftKey ? redo() : undo();
      }
    };
    document.addEventListener("keydown", keyed);
    return () => document.removeEventListener("keydown", keyed);
  }, [undo, redo]);
}
