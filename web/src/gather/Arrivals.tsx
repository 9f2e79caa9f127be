import styled from "styled-components";
import { TextButton } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { Progress } from "../ui/Progress";
import { counted } from "../ui/words";
import type { Gathering, Sending } from "./useGather";

const Lines = styled.ul`
  list-style: none;
  width: 100%;
  display: grid;
  gap: 6px;
`;

/** What has become of files that were given, in words: how many are on the shelf by now. */
export function shelved(lines: readonly Sending[]): string {
  const done = lines.filter((line) => line.done);
  const [first] = done;
  if (!first) {
    return "";
  }
  return done.length === 1
    ? `${first.name} is on the shelf.`
    : `${counted(done.length, "file")} are on the shelf.`;
}

type ArrivalsProps = { gathering: Gathering; onOpen: (source: string) => void };

/** What becomes of each file that was given: on its way, on the shelf, here already, or not taken. */
export function Arrivals({ gathering, onOpen }: ArrivalsProps) {
  const { sending } = gathering;
  const [first, ...more] = sending.filter((l) => !l.done && !l.problem && !l.already);
  const done = shelved(sending);
  const waiting = more.length > 0 ? `, ${counted(more.length, "more file")} after it` : "";
  return (
    <Lines aria-label="Files that were given">
      {first && (
        <li>
          <Progress label={`Sending ${first.name}${waiting}`} share={first.share} />
        </li>
      )}
      {done && (
        <li>
          <p role="status">
            {done} <TextButton onPress={gathering.forgetDone}>Dismiss</TextButton>
          </p>
        </li>
      )}
      {sending.map((line) =>
        line.problem ? (
          <li key={line.key}>
            <Trouble role="alert">
              {line.name}: {line.problem}{" "}
              {line.file && (
                <TextButton onPress={() => gathering.again(line)}>Try again</TextButton>
              )}{" "}
              <TextButton onPress={() => gathering.dismiss(line.key)}>Dismiss</TextButton>
            </Trouble>
          </li>
        ) : line.already ? (
          <li key={line.key}>
            <p role="status">
              {line.name} is here already, as “{line.already.name}”.{" "}
              <TextButton
                onPress={() => {
                  onOpen(line.already?.source ?? "");
                  gathering.dismiss(line.key);
                }}
              >
                Open it
              </TextButton>{" "}
              <TextButton onPress={() => gathering.dismiss(line.key)}>Dismiss</TextButton>
            </p>
          </li>
        ) : null,
      )}
    </Lines>
  );
}
