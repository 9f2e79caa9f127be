import styled from "styled-components";
import type { Reply, ReplyCheck, Source } from "../api/types";
import type { OpenSource } from "../reading/spot";
import { TextButton } from "../ui/Button";
import { counted } from "../ui/words";

const Frame = styled.div`
  overflow: auto;
  display: grid;
  align-content: start;
  gap: 10px;
  h3 { font: 600 16px/24px ${({ theme }) => theme.reading}; }
  ul { list-style: none; display: grid; gap: 6px; }
  li { font: 400 16px/23px ${({ theme }) => theme.reading}; }
  small { font: 400 14px/20px ${({ theme }) => theme.control}; color: ${({ theme }) => theme.softInk}; }
`;

type UnsaidProps = {
  reply: Reply;
  check: ReplyCheck | undefined;
  sources: readonly Source[];
  onOpen: OpenSource;
};

/** What the sources say much about, and what the map has, that a reply does not name. */
export function Unsaid({ reply, check, sources, onOpen }: UnsaidProps) {
  const missing = reply.differences.filter((each) => each.kind === "MISSING");
  return (
    <Frame>
      <h3>What the sources say much about</h3>
      {!check && <p role="status">Checking against the sources…</p>}
      {check?.unsaid.length === 0 && <p>Nothing that it does not name.</p>}
      <ul>
        {check?.unsaid.map(({ term, sentences, first }) => (
          <li key={term}>
            <b>{term}</b> <small>in {counted(sentences, "sentence")}</small>
            <br />
            {first.exact}{" "}
            <small>{sources.find((source) => source.id === first.source)?.name}</small>{" "}
            <TextButton
              aria-label={`Read of ${term} in the source`}
              onPress={() => onOpen({ source: first.source, start: first.start, end: first.end })}
            >
              Read it there
            </TextButton>
          </li>
        ))}
      </ul>
      <h3>What the map has and the reply does not</h3>
      <p>
        {missing.length === 0
          ? "Nothing."
          : reply.onlyMore
            ? `${counted(missing.length, "topic")}; it was asked only for what is not there.`
            : `${counted(missing.length, "topic")}, which stay on the map whatever you take in.`}
      </p>
      {!reply.onlyMore && (
        <ul>
          {missing.map((each) => (
            <li key={each.id}>
              {each.was} <small>under {each.is}</small>
            </li>
          ))}
        </ul>
      )}
    </Frame>
  );
}
