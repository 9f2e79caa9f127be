import { Tooltip, TooltipTrigger } from "react-aria-components";
import styled from "styled-components";
import { SignButton } from "./Button";
import { Sign } from "./Sign";

const Tip = styled(Tooltip)`
  padding: 4px 8px;
  background: ${({ theme }) => theme.ink};
  color: ${({ theme }) => theme.page};
  border-radius: ${({ theme }) => theme.radius};
  font-size: 14px;
`;

type TippedProps = {
  label: string;
  sign: React.ComponentProps<typeof Sign>["name"];
  isDisabled?: boolean;
  /** Whether it is a tool that is in hand; undefined if it is none. */
  isPressed?: boolean;
  onPress?: () => void;
};

/** A button with a sign, whose name is shown when one rests on it. */
export function Tipped({ label, sign, isDisabled, isPressed, onPress }: TippedProps) {
  return (
    <TooltipTrigger delay={400}>
      <SignButton
        aria-label={label}
        aria-pressed={isPressed}
        isDisabled={isDisabled}
        onPress={onPress}
      >
        <Sign name={sign} />
      </SignButton>
      <Tip offset={4}>{label}</Tip>
    </TooltipTrigger>
  );
}
