import styled from "styled-components";
import { TextButton } from "../ui/Button";

const List = styled.ul`
  list-style: none;
  display: grid;
  gap: 4px;
`;

type LostProps = {
  title?: string;
  lost: readonly { key: string; words: string }[];
  onForget: (key: string) => void;
};

/** What was done by hand to words that are in no source any more: it is kept until it is forgotten. */
export function Lost({
  title = "Corrected, and no longer in the sources",
  lost,
  onForget,
}: LostProps) {
  return lost.length === 0 ? null : (
    <section aria-label={title}>
      <h3>{title}</h3>
      <List>
        {lost.map(({ key, words }) => (
          <li key={key}>
            {words}{" "}
            <TextButton aria-label={`Forget: ${words.slice(0, 60)}`} onPress={() => onForget(key)}>
              Forget
            </TextButton>
          </li>
        ))}
      </List>
    </section>
  );
}
