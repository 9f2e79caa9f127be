import styled from "styled-components";
import type { Somebody, Tie } from "../api/types";
import { theme } from "../theme/tokens";
import { closeness, network } from "./people";

const WIDE = 330;
const HIGH = 310;
const RADIUS_X = 98;
const RADIUS_Y = 118;
const LONGEST = 20;

const Picture = styled.svg`
  display: block;
  width: 100%;
  max-width: 420px;
  height: auto;
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  g[data-key] { cursor: pointer; }
  g[data-key]:hover text { text-decoration: underline; }
`;

type NetworkProps = {
  people: readonly Somebody[];
  ties: readonly Tie[];
  chosen: string | null;
  onChoose: (key: string) => void;
};

function brief(name: string): string {
  return name.length > LONGEST ? `${name.slice(0, LONGEST - 1).trimEnd()}…` : name;
}

/** Who occurs with whom, drawn: the closer, the thicker the line, with the words between them. */
export function Network({ people, ties, chosen, onChoose }: NetworkProps) {
  const { knots, threads } = network(people, ties, chosen);
  const x = (at: number) => WIDE / 2 + at * RADIUS_X;
  const y = (at: number) => HIGH / 2 + at * RADIUS_Y;
  return (
    <Picture viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden="true">
      {threads.map(({ tie, from, to }) => {
        const own = chosen === null || from.somebody.key === chosen || to.somebody.key === chosen;
        const phrase = own && chosen !== null ? tie.phrases[0] : undefined;
        return (
          <g key={`${tie.from} ${tie.to}`}>
            <line
              x1={x(from.x)}
              y1={y(from.y)}
              x2={x(to.x)}
              y2={y(to.y)}
              stroke={own ? theme.ink : theme.rule}
              strokeWidth={Math.min(5, 0.8 + closeness(tie) * 0.7)}
              strokeOpacity={own ? 0.55 : 1}
            />
            {phrase && (
              <text
                x={(x(from.x) + x(to.x)) / 2}
                y={(y(from.y) + y(to.y)) / 2 + 4}
                textAnchor="middle"
                fontFamily={theme.reading}
                fontStyle="italic"
                fontSize="11"
                fill={theme.ink}
                stroke={theme.page}
                strokeWidth="4"
                paintOrder="stroke"
              >
                {brief(phrase)}
              </text>
            )}
          </g>
        );
      })}
      {knots.map(({ somebody, x: atX, y: atY }, i) => (
        <g key={somebody.key} data-key={somebody.key} onClick={() => onChoose(somebody.key)}>
          <title>{`${somebody.name}: ${somebody.times} sentences`}</title>
          {somebody.person ? (
            <circle cx={x(atX)} cy={y(atY)} r={4} fill={theme.ink} />
          ) : (
            <rect x={x(atX) - 4} y={y(atY) - 4} width={8} height={8} fill={theme.ink} />
          )}
          <text
            x={x(atX)}
            y={
              y(atY) + (atY > 0.3 ? 18 : -9) + (i % 2 === 0 || atY === 0 ? 0 : atY > 0.3 ? 14 : -13)
            }
            textAnchor="middle"
            fontFamily={theme.control}
            fontSize="13"
            fontWeight={somebody.key === chosen ? 700 : 400}
            fill={somebody.key === chosen ? theme.rubric : theme.ink}
            stroke={theme.page}
            strokeWidth="3"
            paintOrder="stroke"
          >
            {brief(somebody.name)}
          </text>
        </g>
      ))}
    </Picture>
  );
}
