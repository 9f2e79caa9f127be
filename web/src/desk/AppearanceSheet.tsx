import { useState } from "react";
import { type Wished, wish, wished } from "../theme/appearances";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Choice";
import { Sheet, SheetButtons } from "../ui/Sheet";

const WISHES: readonly (readonly [Wished, string])[] = [
  ["system", "As the system"],
  ["light", "Light"],
  ["dark", "Dark"],
  ["contrast", "Strong contrast"],
];

type AppearanceSheetProps = { isOpen: boolean; onOpenChange: (open: boolean) => void };

/** How the application looks in this browser. */
export function AppearanceSheet({ isOpen, onOpenChange }: AppearanceSheetProps) {
  const [chosen, setChosen] = useState(wished);
  return (
    <Sheet title="Appearance" isOpen={isOpen} onOpenChange={onOpenChange}>
      <Choice
        label="In this browser"
        value={chosen}
        options={WISHES}
        onChange={(value) => {
          setChosen(value as Wished);
          wish(value as Wished);
        }}
      />
      <p>
        A map on vellum goes along with it on the screen. How it looks in files, and for others, is
        its theme: <em>Layout and theme</em> below the map.
      </p>
      <SheetButtons>
        <Button $strong onPress={() => onOpenChange(false)}>
          Close
        </Button>
      </SheetButtons>
    </Sheet>
  );
}
