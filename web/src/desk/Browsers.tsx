import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import styled from "styled-components";
import { request } from "../api/client";
import type { Invitation, KnownBrowser } from "../api/types";
import { when } from "../history/words";
import { Button, TextButton } from "../ui/Button";
import { Trouble } from "../ui/Field";
import { enteringAddress } from "./entering";

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 12px;
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.rule};
  }
  small { color: ${({ theme }) => theme.softInk}; font-size: 14px; flex: 1; }
`;

const Code = styled.p`
  font: 400 17px/26px ${({ theme }) => theme.reading};
  overflow-wrap: anywhere;
  user-select: all;
`;

/** The browsers in which one's maps are seen: another one is let in, one is put out. */
export function Browsers() {
  const client = useQueryClient();
  const [invitation, setInvitation] = useState<Invitation | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const known = useQuery({
    queryKey: ["browsers"],
    queryFn: () => request<KnownBrowser[]>("GET", "/api/mine/browsers"),
  });
  const trying = (work: Promise<void>) => {
    setProblem(null);
    work.catch((fault: Error) => setProblem(fault.message));
  };
  const invite = async () =>
    setInvitation(await request<Invitation>("POST", "/api/mine/invitations"));
  const end = async (browser: KnownBrowser) => {
    await request<void>("DELETE", `/api/mine/browsers/${browser.id}`);
    await client.invalidateQueries({ queryKey: ["browsers"] });
  };
  return (
    <>
      <List aria-label="Browsers that see your maps">
        {known.data?.map((browser) => (
          <li key={browser.id}>
            {browser.name}
            <small>{browser.here ? "this one" : `last here ${when(browser.lastSeen)}`}</small>
            {!browser.here && (
              <TextButton
                aria-label={`Put out ${browser.name}, last here ${when(browser.lastSeen)}`}
                onPress={() => trying(end(browser))}
              >
                Put out
              </TextButton>
            )}
          </li>
        ))}
      </List>
      {invitation ? (
        <div role="status">
          <p>Open this address in the other browser, once and within ten minutes:</p>
          <Code>{enteringAddress(window.location.origin, invitation.code)}</Code>
        </div>
      ) : (
        <Button onPress={() => trying(invite())}>Let another browser in…</Button>
      )}
      {problem && <Trouble role="alert">{problem}</Trouble>}
    </>
  );
}
