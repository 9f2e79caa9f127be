import type { KeptReply } from "../api/types";
import { when } from "../history/words";
import { Row, Select } from "../ui/Field";

/** What a reply is called where it is chosen. */
export function named(reply: KeptReply): string {
  return [reply.assistant || "Reply", when(reply.cameAt), reply.brief].filter(Boolean).join(" · ");
}

type ReplyListProps = {
  all: readonly KeptReply[];
  id: string | null;
  onOpen: (id: string | null) => void;
};

/** The replies that are kept with the map. */
export function ReplyList({ all, id, onOpen }: ReplyListProps) {
  return (
    <Row>
      <label htmlFor="reply-chosen">Reply</label>
      <Select
        id="reply-chosen"
        style={{ minWidth: 0, maxWidth: 320 }}
        value={id ?? ""}
        onChange={(event) => onOpen(event.target.value || null)}
      >
        <option value="">A new one</option>
        {all.map((reply) => (
          <option key={reply.id} value={reply.id}>
            {named(reply)}
          </option>
        ))}
      </Select>
    </Row>
  );
}
