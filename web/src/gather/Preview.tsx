import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { DistilOptions, Preview as Sizes } from "../api/types";
import { Trouble } from "../ui/Field";
import { counted } from "../ui/words";

const WAIT_MS = 300;

const Line = styled.p`
  min-height: 22px;
  color: ${({ theme }) => theme.softInk};
`;

/** What would come, in words: main branches, and all topics where there are more levels. */
export function sizes(levels: readonly number[]): string {
  const [main = 0] = levels;
  const all = levels.reduce((sum, level) => sum + level, 0);
  const mains = counted(main, "main branch", "main branches");
  return levels.length > 1 ? `${mains}, ${counted(all, "topic")} in all.` : `${mains}.`;
}

/** How many topics the choices come to, told a moment after they were made. */
export function Preview({ map, options }: { map: string; options: DistilOptions }) {
  const wanted = JSON.stringify(options);
  const [asked, setAsked] = useState(wanted);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(wanted), WAIT_MS);
    return () => clearTimeout(timer);
  }, [wanted]);
  const preview = useQuery({
    queryKey: ["preview", map, asked],
    queryFn: ({ signal }) =>
      request<Sizes>("POST", `/api/maps/${map}/distil/preview`, JSON.parse(asked), signal),
    retry: false,
  });
  if (preview.isError && asked === wanted) {
    return <Trouble role="alert">{preview.error.message}</Trouble>;
  }
  const levels = preview.data?.levels;
  return (
    <Line role="status">
      {!levels || asked !== wanted
        ? "Counting the topics that will come\u2026"
        : levels.length > 0
          ? `This will come to ${sizes(levels)}`
          : "How many topics come is told once these long sources are distilled."}
    </Line>
  );
}
