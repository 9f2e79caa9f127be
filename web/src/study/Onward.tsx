import type { ComponentProps, ReactNode } from "react";
import { ButtonLink } from "../ui/Button";
import { Row } from "../ui/Field";
import { OnTheMap } from "./OnTheMap";

type OnwardProps = Omit<ComponentProps<typeof OnTheMap>, "path"> & {
  /** Of what was found: its branch and its table are below it. */
  path: string;
  /** What the table is saved as. */
  file: string;
  children?: ReactNode;
};

/** Where what was found goes on to: the map, or a table. */
export function Onward({ path, file, children, ...put }: OnwardProps) {
  return (
    <Row>
      <OnTheMap path={`${path}/branch`} {...put} />
      {children}
      <ButtonLink href={`${path}/table`} download={file}>
        Save as a table
      </ButtonLink>
    </Row>
  );
}
