import { useState } from "react";
import styled from "styled-components";
import type { Remark } from "../api/types";
import type { DeskActions } from "../api/useDesk";
import { when } from "../history/words";
import { Kept } from "../reading/Kept";
import { TextButton } from "../ui/Button";

const List = styled.ul`
  list-style: none;
  display: grid;
  gap: 4px;
  li { padding-left: 10px; border-left: 2px dotted ${({ theme }) => theme.rubric}; }
  li[data-resolved] { border-color: ${({ theme }) => theme.rule}; color: ${({ theme }) => theme.softInk}; }
  li[data-resolved] textarea { color: ${({ theme }) => theme.softInk}; }
  small { font-size: 13px; color: ${({ theme }) => theme.softInk}; }
`;

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 14px;
  button { font-size: 14px; }
`;

const New = styled.textarea`
  width: 100%;
  padding: 5px 8px;
  font: 400 15px/22px ${({ theme }) => theme.reading};
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.vellum};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  resize: vertical;
`;

const LONGEST = 5_000;

type RemarksProps = {
  remarks: readonly Remark[];
  /** The topic, cross-link or passage that they are on. */
  subject: string;
  /** What it is called for those who do not see it. */
  called: string;
  actions: DeskActions;
};

/** Remarks on something: reading, making, resolving them. */
export function Remarks({ remarks, subject, called, actions }: RemarksProps) {
  const [words, setWords] = useState<string | null>(null);
  const own = remarks.filter((remark) => remark.subject === subject);
  const say = () => {
    if (words?.trim()) {
      const comment = crypto.randomUUID();
      actions.edit({ type: "Say", comment, subject, text: words.trim() });
    }
    setWords(null);
  };
  const room = own.length > 0 || words !== null;
  return (
    <div style={{ flexBasis: room ? "100%" : undefined }}>
      {own.length > 0 && (
        <List aria-label={`Remarks on ${called}`}>
          {own.map((remark) => (
            <li key={remark.id} data-resolved={remark.resolved ? "" : undefined}>
              <Kept
                label="Words of the remark"
                placeholder="A remark"
                value={remark.text}
                longest={LONGEST}
                onKeep={(text, typed) =>
                  text.trim() && actions.edit({ type: "Reword", comment: remark.id, text }, typed)
                }
              />
              <Row>
                <small>
                  you, {when(remark.at)}
                  {remark.resolved && " · resolved"}
                </small>
                <TextButton
                  onPress={() =>
                    actions.edit({
                      type: "Settle",
                      comment: remark.id,
                      resolved: !remark.resolved,
                    })
                  }
                >
                  {remark.resolved ? "Open again" : "Resolve"}
                </TextButton>
                <TextButton onPress={() => actions.edit({ type: "Unsay", comment: remark.id })}>
                  Take it away
                </TextButton>
              </Row>
            </li>
          ))}
        </List>
      )}
      {words === null ? (
        <Row>
          <TextButton aria-label={`Remark on ${called}`} onPress={() => setWords("")}>
            {own.length > 0 ? "Another remark…" : "Remark…"}
          </TextButton>
        </Row>
      ) : (
        <>
          <New
            autoFocus
            aria-label={`Remark on ${called}`}
            rows={2}
            maxLength={LONGEST}
            value={words}
            onChange={(event) => setWords(event.target.value)}
            onKeyDown={(event) => {
              event.stopPropagation();
              if (event.key === "Escape") {
                event.preventDefault();
                say();
              } else if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) {
                say();
              }
            }}
          />
          <Row>
            <TextButton onPress={say}>Keep the remark</TextButton>
            <TextButton onPress={() => setWords(null)}>Leave it</TextButton>
          </Row>
        </>
      )}
    </div>
  );
}
