import type { ReactNode } from "react";
import { Dialog, Heading, Modal, ModalOverlay } from "react-aria-components";
import styled from "styled-components";
import { SignButton } from "./Button";
import { Sign } from "./Sign";

const Cover = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(42 37 33 / 0.35);
  display: grid;
  place-items: center;
  padding: 16px;
  z-index: 20;
`;

const Page = styled(Modal)<{ $width: number; $high: boolean }>`
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 8px 32px rgb(42 37 33 / 0.2);
  width: min(${({ $width }) => $width}px, 100%);
  height: ${({ $high }) => ($high ? "100%" : "auto")};
  max-height: 100%;
  overflow: auto;
  padding: 24px;
`;

const Inner = styled(Dialog)`
  &, &:focus-visible { outline: none; }
  display: grid;
  gap: 16px;
  &[data-full] { height: 100%; grid-template-rows: auto minmax(0, 1fr); }
`;

const Title = styled(Heading)`
  font: 600 21px/28px ${({ theme }) => theme.reading};
`;

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: start;
  gap: 12px;
`;

type SheetProps = {
  title: string;
  isOpen: boolean;
  onOpenChange: (open: boolean) => void;
  wide?: boolean;
  /** Whether it takes up the window. */
  full?: boolean;
  children: ReactNode;
};

/** A dialog on a sheet above the desk. */
export function Sheet(props: SheetProps) {
  const { title, isOpen, onOpenChange, wide = false, full = false, children } = props;
  return (
    <Cover isOpen={isOpen} onOpenChange={onOpenChange} isDismissable>
      <Page $width={full ? 1400 : wide ? 940 : 560} $high={full}>
        <Inner data-full={full ? "" : undefined}>
          <Head>
            <Title slot="title">{title}</Title>
            <SignButton slot="close" aria-label="Close">
              <Sign name="close" />
            </SignButton>
          </Head>
          {children}
        </Inner>
      </Page>
    </Cover>
  );
}

/** Buttons at the end of a sheet. */
export const SheetButtons = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
`;

/** The end of a sheet, in sight however long the sheet is. */
export const SheetFoot = styled.div`
  display: grid;
  gap: 8px;
  position: sticky;
  bottom: calc(-1 * var(--under, 24px));
  margin-bottom: calc(-1 * var(--under, 24px));
  padding: 12px 0 var(--under, 24px);
  background: var(--ground, ${({ theme }) => theme.page});
  border-top: 1px solid ${({ theme }) => theme.rule};
`;
