import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Input, Label } from "react-aria-components";
import styled from "styled-components";
import { request } from "../api/client";
import type { Assistant } from "../api/types";
import { Button, TextButton } from "../ui/Button";
import { Field, Row, Trouble } from "../ui/Field";

const Frame = styled.section`
  display: grid;
  gap: 10px;
  padding: 12px 16px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  h3 { font: 600 16px/24px ${({ theme }) => theme.reading}; }
`;

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
  @media (max-width: 800px) { grid-template-columns: minmax(0, 1fr); }
`;

type AssistantSettingProps = { assistant: Assistant; onClose: () => void };

/** Which assistant is asked from here; none until one is set. */
export function AssistantSetting({ assistant, onClose }: AssistantSettingProps) {
  const client = useQueryClient();
  const [address, setAddress] = useState(assistant.address);
  const [model, setModel] = useState(assistant.model);
  const [name, setName] = useState(assistant.name);
  const [key, setKey] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<Error | null>(null);
  const doing = async (what: () => Promise<Assistant | undefined>) => {
    try {
      client.setQueryData(["assistant"], await what());
      setTrouble(null);
      onClose();
    } catch (e) {
      setTrouble(e instanceof Error ? e : new Error(String(e)));
    }
  };
  const set = () =>
    doing(() => request<Assistant>("PUT", "/api/assistant", { address, model, name, key }));
  const unset = () =>
    doing(async () => {
      await request<void>("DELETE", "/api/assistant");
      return request<Assistant>("GET", "/api/assistant");
    });
  return (
    <Frame aria-label="The assistant that is asked">
      <h3>The assistant that is asked</h3>
      <p>
        Any that speaks the common chat-completion protocol. Only what you send goes there, when you
        send it; the key is kept sealed and never shown.
      </p>
      {assistant.shipped && (
        <TextButton
          onPress={() => {
            setAddress(assistant.shipped);
            setModel("rules");
            setName("The simulated assistant");
          }}
        >
          Use the simulated assistant of this demonstration
        </TextButton>
      )}
      <Fields>
        <Field value={address} onChange={setAddress} maxLength={500}>
          <Label>Address</Label>
          <Input placeholder="https://…/v1" inputMode="url" />
        </Field>
        <Field value={model} onChange={setModel} maxLength={200}>
          <Label>Model</Label>
          <Input placeholder="as the assistant calls it" />
        </Field>
        <Field value={name} onChange={setName} maxLength={300}>
          <Label>What you call it</Label>
          <Input placeholder="as the model" />
        </Field>
        <Field value={key ?? ""} onChange={setKey} maxLength={500} type="password">
          <Label>Key</Label>
          <Input
            placeholder={assistant.keyed ? "kept; enter another to change it" : "none"}
            autoComplete="off"
          />
        </Field>
      </Fields>
      {trouble && <Trouble role="alert">{trouble.message}</Trouble>}
      <Row>
        <Button $strong isDisabled={!address.trim() || !model.trim()} onPress={set}>
          Set it
        </Button>
        <Button onPress={onClose}>Not now</Button>
        {assistant.set && <Button onPress={unset}>Ask nobody any more</Button>}
      </Row>
    </Frame>
  );
}
