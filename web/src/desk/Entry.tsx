import { useState } from "react";
import { request } from "../api/client";
import { Button } from "../ui/Button";
import { Row, Trouble } from "../ui/Field";

/** Asks whether this browser is to see the maps of another one. */
export function Entry({ code }: { code: string }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const away = () => window.location.replace("/");
  const enter = () => {
    setAsking(true);
    setProblem(null);
    request<void>("POST", "/api/session/entries", { code }).then(away, (fault: Error) => {
      setAsking(false);
      setProblem(fault.message);
    });
  };
  return (
    <>
      <h1>Your maps in this browser too?</h1>
      <p>
        Somebody made this address in another browser, so that their maps are seen and changed in
        this one as well. Go on only if that was you.
      </p>
      {problem && <Trouble role="alert">{problem}</Trouble>}
      <Row>
        <Button $strong isDisabled={asking} onPress={enter}>
          {asking ? "Opening…" : "That was me, open my maps"}
        </Button>
        <Button onPress={away}>Leave it</Button>
      </Row>
    </>
  );
}
