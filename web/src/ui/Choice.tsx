import { Label, Radio, RadioGroup } from "react-aria-components";
import styled from "styled-components";

const Group = styled(RadioGroup)`
  display: grid;
  gap: 6px;
  > label, > span:first-child { font-weight: 500; }
`;

const Options = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
`;

const Option = styled(Radio)`
  padding: 5px 11px;
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  background: ${({ theme }) => theme.page};
  cursor: pointer;
  &[data-selected] {
    border-color: ${({ theme }) => theme.ink};
    box-shadow: inset 0 -2px 0 ${({ theme }) => theme.rubric};
    font-weight: 500;
  }
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 2px; }
`;

type ChoiceProps = {
  label: string;
  value: string;
  options: readonly (readonly [value: string, words: string])[];
  onChange: (value: string) => void;
};

/** One of a few, all in sight. */
export function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <Group value={value} onChange={onChange}>
      <Label>{label}</Label>
      <Options>
        {options.map(([option, words]) => (
          <Option key={option} value={option}>
            {words}
          </Option>
        ))}
      </Options>
    </Group>
  );
}
