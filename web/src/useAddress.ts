import { useCallback, useEffect, useState } from "react";

function mapInAddress(): string | null {
  return /^\/maps\/([0-9a-f-]{36})/.exec(window.location.pathname)?.[1] ?? null;
}

/** The map that the address names, and going to another. */
export function useAddress() {
  const [map, setMap] = useState(mapInAddress);

  useEffect(() => {
    const moved = () => setMap(mapInAddress());
    window.addEventListener("popstate", moved);
    return () => window.removeEventListener("popstate", moved);
  }, []);

  const open = useCallback((id: string | null, replace = false) => {
    const path = id ? `/maps/${id}` : "/";
    replace
      ? window.history.replaceState(null, "", path)
      : window.history.pushState(null, "", path);
    setMap(id || null);
  }, []);

  return { map, open };
}
