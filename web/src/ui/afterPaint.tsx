import { type ComponentType, memo, useEffect, useRef, useState } from "react";

/**
 * A part of the page that follows a frame later, so that what a person does shows before it is drawn.
 * It is drawn once for all that came meanwhile.
 */
export function afterPaint<P extends object>(Part: ComponentType<P>): ComponentType<P> {
  const Kept = memo(Part) as unknown as ComponentType<P>;

  return function AfterPaint(props: P) {
    const [shown, setShown] = useState(props);
    const latest = useRef(props);
    const waiting = useRef(false);
    const gone = useRef(false);
    useEffect(() => {
      latest.current = props;
      if (props === shown || waiting.current) {
        return;
      }
      waiting.current = true;
      requestAnimationFrame(() => {
        setTimeout(() => {
          waiting.current = false;
          if (!gone.current) {
            setShown(latest.current);
          }
        });
      });
    });
    useEffect(() => {
      gone.current = false;
      return () => {
        gone.current = true;
      };
    }, []);
    return <Kept {...shown} />;
  };
}
