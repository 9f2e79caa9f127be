import { Component, type ReactNode } from "react";
import styled from "styled-components";
import { Button } from "./Button";
import { saveTyped } from "./typing";

const Said = styled.div`
  padding: 20px 26px;
  display: grid;
  gap: 10px;
  align-content: start;
  justify-items: start;
`;

type RegionProps = {
  /** What it is called, as in “The reading page”. */
  name: string;
  /** What it shows; with something else it is tried again. */
  of?: string;
  children: ReactNode;
};

/** A part of the page in which a fault stays: the others go on working, and what was typed is saved. */
export class Region extends Component<RegionProps, { fault: Error | null }> {
  override state = { fault: null };

  static getDerivedStateFromError(fault: Error) {
    return { fault };
  }

  override componentDidUpdate(before: RegionProps) {
    if (this.state.fault && before.of !== this.props.of) {
      this.setState({ fault: null });
    }
  }

  override componentDidCatch() {
    saveTyped();
  }

  override render() {
    const { name, children } = this.props;
    return this.state.fault ? (
      <Said role="alert">
        <p>
          {name} met a fault of ours and cannot be shown. What you typed is saved, and the rest of
          the page works.
        </p>
        <Button onPress={() => this.setState({ fault: null })}>Show it again</Button>
      </Said>
    ) : (
      children
    );
  }
}
