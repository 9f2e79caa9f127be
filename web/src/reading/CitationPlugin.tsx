import { useLexicalComposerContext } from "@lexical/react/LexicalComposerContext";
import {
  LexicalTypeaheadMenuPlugin,
  MenuOption,
  useBasicTypeaheadTriggerMatch,
} from "@lexical/react/LexicalTypeaheadMenuPlugin";
import { $createTextNode, $getSelection } from "lexical";
import { useContext, useMemo, useState } from "react";
import { createPortal } from "react-dom";
import styled from "styled-components";
import type { WorkView } from "../api/types";
import { cite, written } from "../references/citing";
import { useReferences } from "../references/useReferences";
import { menuItem, menuList } from "../ui/menu";
import { $citation, OnCitation } from "./CitationNode";

const MOST = 8;

const List = styled.ul`
  ${menuList}
  list-style: none;
  position: absolute;
  z-index: 30;
  margin-top: 22px;
  width: max-content;
  font: 400 14px/20px ${({ theme }) => theme.control};
  li { ${menuItem} }
  li[aria-selected="true"] { background: ${({ theme }) => theme.shelf}; }
  small { color: ${({ theme }) => theme.softInk}; }
`;

class WorkOption extends MenuOption {
  constructor(readonly work: WorkView) {
    super(work.key);
  }
}

/** Offers works once somebody types an at sign in a note. */
export function CitationPlugin() {
  const [editor] = useLexicalComposerContext();
  const onCitation = useContext(OnCitation);
  const [sought, setSought] = useState<string | null>(null);
  const works = useReferences(sought !== null).data?.works;
  const trigger = useBasicTypeaheadTriggerMatch("@", { minLength: 0, maxLength: 30 });
  const options = useMemo(() => {
    const low = (sought ?? "").toLocaleLowerCase();
    return (works ?? [])
      .filter((work) =>
        `${work.key} ${work.name} ${Object.values(work.reference.people).join(" ")}`
          .toLocaleLowerCase()
          .includes(low),
      )
      .slice(0, MOST)
      .map((work) => new WorkOption(work));
  }, [works, sought]);
  return (
    <LexicalTypeaheadMenuPlugin<WorkOption>
      onQueryChange={setSought}
      triggerFn={trigger}
      options={options}
      onSelectOption={(option, query, close) => {
        editor.update(() => {
          const node = $citation(written([cite(option.work.key)]));
          if (query) {
            query.replace(node);
          } else {
            $getSelection()?.insertNodes([node]);
          }
          const space = $createTextNode(" ");
          node.insertAfter(space);
          space.selectEnd();
          close();
          // the page or time is asked for at once: after the bracket it would be outside
          const key = node.getKey();
          window.setTimeout(() => onCitation(key, node.getTextContent()));
        });
      }}
      menuRenderFn={(anchor, { selectedIndex, selectOptionAndCleanUp, setHighlightedIndex }) =>
        anchor.current && options.length > 0
          ? createPortal(
              <List role="listbox" aria-label="Works to cite">
                {options.map((option, i) => (
                  // biome-ignore lint/a11y/useKeyWithClickEvents: keys are those of the field, which has the focus
                  <li
                    key={option.key}
                    id={`typeahead-item-${i}`}
                    ref={option.setRefElement}
                    role="option"
                    tabIndex={-1}
                    aria-selected={selectedIndex === i}
                    onMouseEnter={() => setHighlightedIndex(i)}
                    onMouseDown={(event) => event.preventDefault()}
                    onClick={() => selectOptionAndCleanUp(option)}
                  >
                    {option.work.name} <small>@{option.work.key}</small>
                  </li>
                ))}
              </List>,
              anchor.current,
            )
          : null
      }
    />
  );
}
