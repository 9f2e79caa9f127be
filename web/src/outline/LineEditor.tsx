import { forwardRef, type KeyboardEvent, useImperativeHandle, useRef } from "react";
import styled from "styled-components";

const LINE = 22;

const Editor = styled.div<{ $high: boolean }>`
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  height: ${({ $high }) => ($high ? "100%" : "min(46vh, 420px)")};
  min-height: 160px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.page};
  overflow: hidden;
  font: 400 15px/${LINE}px ${({ theme }) => theme.reading};
  textarea {
    font: inherit;
    color: inherit;
    background: none;
    border: 0;
    padding: 8px 10px;
    resize: none;
    white-space: pre;
    overflow: auto;
    tab-size: 4;
    &:focus-visible { outline-offset: -2px; }
  }
`;

const Numbers = styled.div`
  overflow: hidden;
  padding: 8px 6px;
  text-align: right;
  font-size: 13px;
  color: ${({ theme }) => theme.softInk};
  background: ${({ theme }) => theme.shelf};
  user-select: none;
  [data-told] { color: ${({ theme }) => theme.rubric}; font-weight: 700; }
`;

/** What can be asked of an editor of lines. */
export type Lines = { focus: () => void; goTo: (line: number) => void };

type LineEditorProps = {
  label: string;
  value: string;
  placeholder: string;
  /** Lines of which something is told. */
  told: ReadonlySet<number>;
  high?: boolean;
  onChange: (value: string) => void;
  onKeyDown?: (event: KeyboardEvent<HTMLTextAreaElement>) => void;
};

/** Text that is written with the numbers of its lines beside it. */
export const LineEditor = forwardRef<Lines, LineEditorProps>(function LineEditor(props, ref) {
  const { label, value, placeholder, told, high = false, onChange, onKeyDown } = props;
  const field = useRef<HTMLTextAreaElement>(null);
  const numbers = useRef<HTMLDivElement>(null);
  useImperativeHandle(
    ref,
    () => ({
      focus: () => field.current?.focus(),
      goTo: (line) => {
        const before = value.split("\n").slice(0, line - 1);
        const start = before.join("\n").length + (line > 1 ? 1 : 0);
        const end = value.indexOf("\n", start);
        field.current?.focus();
        field.current?.setSelectionRange(start, end < 0 ? value.length : end);
        field.current?.scrollTo({ top: Math.max(0, (line - 5) * LINE) });
      },
    }),
    [value],
  );
  return (
    <Editor $high={high}>
      <Numbers ref={numbers} aria-hidden="true">
        {value.split("\n").map((_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a line is its number
          <div key={i} data-told={told.has(i + 1) ? "" : undefined}>
            {i + 1}
          </div>
        ))}
      </Numbers>
      <textarea
        ref={field}
        aria-label={label}
        spellCheck={false}
        value={value}
        placeholder={placeholder}
        onChange={(event) => onChange(event.target.value)}
        onScroll={(event) => numbers.current?.scrollTo({ top: event.currentTarget.scrollTop })}
        onKeyDown={onKeyDown}
      />
    </Editor>
  );
});
