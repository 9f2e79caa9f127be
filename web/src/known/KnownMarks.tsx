import styled from "styled-components";
import type { Placed } from "../api/types";
import { TextButton } from "../ui/Button";
import { useKnown, useKnownShown } from "./known";

const HIGH = 3;

const Row = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 14px;
  color: ${({ theme }) => theme.softInk};
  button { font-size: 14px; }
`;

/** Under each topic that was asked, a stroke as long as it is likely to be known in a week. */
export function KnownMarks({ map, placed }: { map: string; placed: readonly Placed[] }) {
  const known = useKnown(map);
  return known.size === 0 ? null : (
    <g pointerEvents="none" data-known="">
      {placed.flatMap(({ id, x, y, width, height }) => {
        const share = known.get(id);
        return share === undefined
          ? []
          : [
              <g key={id}>
                <rect
                  x={x}
                  y={y + height}
                  width={width}
                  height={HIGH}
                  fill="var(--soft-ink)"
                  opacity="0.3"
                />
                <rect
                  x={x}
                  y={y + height}
                  width={width * share}
                  height={HIGH}
                  fill="var(--soft-ink)"
                />
              </g>,
            ];
      })}
    </g>
  );
}

/** Says what the strokes are, where they are shown. */
export function KnownLegend({ map }: { map: string }) {
  const [shown, show] = useKnownShown();
  const known = useKnown(map);
  return shown && known.size > 0 ? (
    <Row>
      <svg width="34" height={HIGH} aria-hidden="true">
        <rect width="34" height={HIGH} fill="currentcolor" opacity="0.3" />
        <rect width="22" height={HIGH} fill="currentcolor" />
      </svg>
      what you will still know in a week
      <TextButton onPress={() => show(false)}>Hide it</TextButton>
    </Row>
  ) : null;
}
