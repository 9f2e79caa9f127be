import { useState } from "react";
import { TextButton } from "./Button";

type SureButtonProps = {
  /** What it does, and what it says when it is asked once more. */
  words: string;
  sure: string;
  "aria-label"?: string;
  onPress: () => void;
};

/** A button for what cannot be taken back: it asks once more. */
export function SureButton({ words, sure, onPress, ...named }: SureButtonProps) {
  const [asked, setAsked] = useState(false);
  return (
    <TextButton
      {...(asked ? {} : named)}
      onBlur={() => setAsked(false)}
      onPress={() => {
        if (asked) {
          onPress();
        }
        setAsked(!asked);
      }}
    >
      {asked ? sure : words}
    </TextButton>
  );
}
