import { useEffect, useState } from "react";
import type { Tree } from "./tree";

/**
 * At which of its places one stands at the chosen topic: at its own, or where it is shown again. It
 * is the own one again once another topic is chosen.
 */
export function useStanding(tree: Tree, topic: string) {
  const [at, stand] = useState<string | null>(null);
  const again = tree.placed(at)?.again === topic;
  useEffect(() => {
    if (!again) {
      stand(null);
    }
  }, [again]);
  return [again && at !== null ? at : topic, stand] as const;
}
