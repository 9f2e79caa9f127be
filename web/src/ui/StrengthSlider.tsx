import { Label, Slider, SliderOutput, SliderThumb, SliderTrack } from "react-aria-components";
import styled from "styled-components";

const Strength = styled(Slider)`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
  width: min(420px, 100%);
  label { font-weight: 500; }
`;

const Track = styled(SliderTrack)`
  grid-column: 1 / -1;
  height: 28px;
  &::before {
    content: "";
    position: absolute;
    inset: 13px 0;
    background: ${({ theme }) => theme.softInk};
  }
`;

const Thumb = styled(SliderThumb)`
  top: 50%;
  width: 10px;
  height: 22px;
  border-radius: 3px;
  background: ${({ theme }) => theme.ink};
  cursor: grab;
  &[data-focus-visible] { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 2px; }
`;

type StrengthSliderProps = {
  /** In hundredths. */
  value: number;
  least: number;
  onChange: (value: number) => void;
};

/** From which strength up something counts. */
export function StrengthSlider({ value, least, onChange }: StrengthSliderProps) {
  return (
    <Strength
      value={value}
      minValue={least}
      maxValue={100}
      step={1}
      onChange={(now) => onChange(now as number)}
    >
      <Label>Strength from</Label>
      <SliderOutput>{(value / 100).toFixed(2)}</SliderOutput>
      <Track>
        <Thumb />
      </Track>
    </Strength>
  );
}
