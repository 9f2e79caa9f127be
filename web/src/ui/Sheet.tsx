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

const Page = styled(Modal)<{ $wide: boolean }>`
  background: ${({ theme }) => theme.page};
  border: 1px solid ${({ theme }) => theme.rule};
  border-radius: ${({ theme }) => theme.radius};
  box-shadow: 0 8px 32px rgb(42 37 33 / 0.2);
  width: min(${({ $wide }) => ($wide ? 940 : 560)}px, 100%);
  max-height: 100%;
  overflow: auto;
  padding: 24px;
`;

const Inner = styled(Dialog)`
  outline: none;
  display: grid;
  gap: 16px;
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
  children: ReactNode;
};

/** A dialog on a sheet above the desk. */
export function Sheet({ title, isOpen, onOpenChange, wide = false, children }: SheetProps) {
  return (
    <Cover isOpen={isOpen} onOpenChange={onOpenChange} isDismissable>
      <Page $wide={wide}>
        <Inner>
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
