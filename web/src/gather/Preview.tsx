import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { DistilOptions, Preview as Sizes, Source } from "../api/types";
import { TextButton } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { counted } from "../ui/words";
import { told } from "./subjects";

const WAIT_MS = 300;

const Line = styled.p`
  min-height: 22px;
  color: ${({ theme }) => theme.softInk};
`;

/**
 * What would come, in words: main branches, and all topics where there are more levels; fewer, as
 * what cannot be named is no topic.
 */
export function sizes(levels: readonly number[]): string {
  const [main = 0] = levels;
  const all = levels.reduce((sum, level) => sum + level, 0);
  const mains = counted(main, "main branch", "main branches");
  return levels.length > 1 ? `${mains}, at most ${counted(all, "topic")} in all.` : `${mains}.`;
}

type PreviewProps = {
  map: string;
  options: DistilOptions;
  sources: readonly Source[];
  /** Gives each source a main branch of its own. */
  onEach: () => void;
};

/** How many topics the choices come to, and whether the sources speak of one thing, told a moment after. */
export function Preview({ map, options, sources, onEach }: PreviewProps) {
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
  const subjects = asked === wanted ? (preview.data?.subjects ?? []) : [];
  return (
    <>
      {options.order === "SUBJECT" && subjects.length > 1 && (
        <p role="status">
          The sources speak of {subjects.length} different subjects: {told(subjects, sources)}.{" "}
          <TextButton onPress={onEach}>One branch for each source</TextButton>
        </p>
      )}
      <Line role="status">
        {!levels || asked !== wanted
          ? "Counting the topics that will come\u2026"
          : levels.length > 0
            ? `This will come to ${sizes(levels)}`
            : "How many topics come is told once these long sources are distilled."}
      </Line>
    </>
  );
}
