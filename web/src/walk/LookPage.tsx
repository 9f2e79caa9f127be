import styled from "styled-components";
import { pigment } from "../theme/tokens";
import { asWords, TextButton } from "../ui/Button";
import { CalmMap } from "./CalmMap";
import type { ShownProps } from "./Showing";
import { NoteOf, PassagesOf, PicturesOf } from "./Told";

const Page = styled.main`
  grid-row: 1 / 3;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1.9fr) minmax(320px, 1fr);
  min-height: 0;
  @media (max-width: 800px) { grid-template: minmax(280px, 56vh) auto / minmax(0, 1fr); overflow: auto; }
`;

const Text = styled.article`
  display: grid;
  align-content: start;
  gap: 16px;
  min-height: 0;
  overflow: auto;
  padding: 32px 30px 48px;
  background: ${({ theme }) => theme.page};
  border-left: 1px solid ${({ theme }) => theme.rule};
  h1 { font: 600 30px/38px ${({ theme }) => theme.reading}; overflow-wrap: anywhere; }
  > p { font: 400 17px/26px ${({ theme }) => theme.reading}; }
  ul { list-style: none; margin: 0; padding: 0; font: 400 18px/28px ${({ theme }) => theme.reading}; }
  li button { ${asWords} }
  li span, h1 span { font: 700 0.72em/1 ${({ theme }) => theme.control}; margin-right: 0.4em; }
  nav { color: ${({ theme }) => theme.softInk}; font-size: 15px; }
  nav button { ${asWords} }
`;

/** A map to look at and to read, without anything to change it by. */
export function LookPage({ tree, actions, topic: at, go }: ShownProps) {
  const topic = tree.get(at) ?? tree.root;
  const select = (id: string) => {
    const open = tree.closedAbove([tree.get(id) ?? tree.root]);
    if (open.length > 0) {
      actions.fold({ open });
    }
    go({ topic: id }, true);
  };
  const above = tree.path(topic).slice(0, -1);
  return (
    <Page>
      <CalmMap tree={tree} chosen={topic.id} led={false} onSelect={select} actions={actions} />
      <Text aria-label="Topic" tabIndex={0}>
        {above.length > 0 && (
          <nav aria-label="Above it">
            {above.map((each, i) => (
              <span key={each.id}>
                {i > 0 && " › "}
                <button type="button" onClick={() => select(each.id)}>
                  {each.label}
                </button>
              </span>
            ))}
          </nav>
        )}
        <h1>
          {topic.number && <span style={{ color: pigment(topic.branch) }}>{topic.number}</span>}
          {topic.label}
        </h1>
        {topic.definition && <p>{topic.definition}</p>}
        <PicturesOf tree={tree} topic={topic} />
        <NoteOf topic={topic} />
        {topic.children.length > 0 ? (
          <ul aria-label="What is below it">
            {topic.children.flatMap((id) => {
              const each = tree.get(id);
              return each ? (
                <li key={id}>
                  <span style={{ color: pigment(each.branch) }}>{each.number}</span>
                  <button type="button" onClick={() => select(id)}>
                    {each.label}
                  </button>
                </li>
              ) : (
                []
              );
            })}
          </ul>
        ) : (
          <PassagesOf tree={tree} topic={topic} />
        )}
        <div>
          <TextButton onPress={() => go({ way: "work" })}>Work on this map</TextButton>
        </div>
      </Text>
    </Page>
  );
}
