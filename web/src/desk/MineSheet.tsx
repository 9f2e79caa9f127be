import { useState } from "react";
import { Input, Label } from "react-aria-components";
import { request } from "../api/client";
import { forget } from "../api/offline";
import { Button, ButtonLink } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";
import { Sheet, SheetButtons } from "../ui/Sheet";
import { counted } from "../ui/words";
import { Browsers } from "./Browsers";

/** What has to be typed, so that nothing is deleted by a slip. */
const WORD = "delete";

type MineSheetProps = { maps: number; isOpen: boolean; onOpenChange: (open: boolean) => void };

/** All that is a person's: to take along, or to be gone. */
export function MineSheet({ maps, isOpen, onOpenChange }: MineSheetProps) {
  const [typed, setTyped] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [deleting, setDeleting] = useState(false);
  const remove = () => {
    setDeleting(true);
    setProblem(null);
    request<void>("DELETE", "/api/mine").then(
      () => {
        localStorage.clear(); // what was chosen last, too
        forget().then(() => location.assign("/"));
      },
      (fault: Error) => {
        setDeleting(false);
        setProblem(fault.message);
      },
    );
  };
  return (
    <Sheet title="All of mine" isOpen={isOpen} onOpenChange={onOpenChange}>
      <p>
        {counted(maps, "map")}, with all topics, notes, remarks and sources. They are seen in these
        browsers; without its cookies a browser is another one.
      </p>
      <Browsers />
      <Row>
        <ButtonLink href="/api/mine/archive" download>
          Take all of it along (ZIP)
        </ButtonLink>
      </Row>
      <p>
        Each map in it is a file that can be brought in again with <em>Bring a map from a file</em>.
      </p>
      <Field value={typed} onChange={setTyped} maxLength={20}>
        <Label>
          To have all of it deleted, type <em>{WORD}</em>. This cannot be undone.
        </Label>
        <Input autoComplete="off" />
      </Field>
      {problem && <Trouble role="alert">{problem}</Trouble>}
      <SheetButtons>
        <Button onPress={() => onOpenChange(false)}>Keep it</Button>
        <Button
          $strong
          isDisabled={deleting || typed.trim().toLowerCase() !== WORD}
          onPress={remove}
        >
          {deleting ? "Deleting…" : "Delete everything"}
        </Button>
      </SheetButtons>
    </Sheet>
  );
}
