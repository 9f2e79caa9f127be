import styled from "styled-components";
import { Select } from "../ui/Field";

export const Row = styled.label`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  align-items: center;
  gap: 8px;
  font-size: 15px;
  select { width: 100%; padding: 3px 6px; min-height: 30px; font-size: 15px; }
`;

type PropertyProps<T extends string> = {
  label: string;
  value: T | null;
  options: readonly (readonly [T, string])[];
  /** What it is called to say nothing. */
  nothing?: string;
  onChange: (value: T | null) => void;
};

/** One thing of a look, or as it would be without. */
export function Property<T extends string>(props: PropertyProps<T>) {
  const { label, value, options, nothing = "As the theme has it", onChange } = props;
  return (
    <Row>
      {label}
      <Select value={value ?? ""} onChange={(e) => onChange((e.target.value || null) as T | null)}>
        <option value="">{nothing}</option>
        {options.map(([option, words]) => (
          <option key={option} value={option}>
            {words}
          </option>
        ))}
      </Select>
    </Row>
  );
}
