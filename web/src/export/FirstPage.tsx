import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo } from "react";
import styled from "styled-components";

const Frame = styled.section`
  max-height: 320px;
  min-height: 64px;
  overflow: auto;
  padding: 10px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.shelf};
  img { max-width: 100%; max-height: 298px; display: block; margin: 0 auto; }
  pre { font: 400 13px/18px ui-monospace, monospace; white-space: pre-wrap; overflow-wrap: anywhere; }
  &:focus-visible { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 2px; }
`;

/** What is typed has mostly come to rest by then, in milliseconds. */
const REST_MS = 250;

type Shown = { picture: Blob } | { words: string };

type FirstPageProps = { path: string; revision: number; off: boolean };

/** How the file will begin. */
export function FirstPage({ path, revision, off }: FirstPageProps) {
  const shown = useQuery({
    queryKey: ["preview", path, revision],
    queryFn: async ({ signal }): Promise<Shown> => {
      await new Promise((rest) => setTimeout(rest, REST_MS));
      const response = await fetch(path, { signal });
      if (!response.ok) {
        throw new Error("It cannot be shown before it is saved.");
      }
      return response.headers.get("Content-Type")?.startsWith("image/")
        ? { picture: await response.blob() }
        : { words: await response.text() };
    },
    enabled: !off,
    retry: false,
    placeholderData: (before) => before,
  });
  const picture = shown.data && "picture" in shown.data ? shown.data.picture : null;
  const address = useMemo(() => picture && URL.createObjectURL(picture), [picture]);
  useEffect(() => () => URL.revokeObjectURL(address ?? ""), [address]);
  return (
    <Frame tabIndex={0} aria-label="How it begins" aria-busy={shown.isFetching}>
      {address ? (
        <img src={address} alt="The first pages" />
      ) : shown.data && "words" in shown.data ? (
        <pre>{shown.data.words}</pre>
      ) : (
        <p>{shown.error?.message ?? "Looking ahead\u2026"}</p>
      )}
    </Frame>
  );
}
