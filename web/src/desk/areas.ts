import styled from "styled-components";

export const Frame = styled.main`
  position: relative;
  display: grid;
  min-height: 0;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1.9fr) minmax(340px, 1fr);
  @media (max-width: 800px) {
    /* most of the window is the map, the rest is scrolled to */
    grid-template: max(min(540px, 96vh), 82vh) max-content max-content / minmax(0, 1fr);
    overflow: auto;
  }
  @media print { display: block; }
`;

export const MapArea = styled.div`
  min-height: 0;
  min-width: 0;
  position: relative;
  display: flex;
  flex-direction: column;
  > :last-child { flex: 1; min-height: 0; }
  /* as it is on the screen, on the paper's width */
  @media print {
    width: var(--map-wide);
    height: var(--map-high);
    zoom: var(--map-shrunk);
    break-inside: avoid;
  }
`;

export const Given = styled.div`
  max-height: 30vh;
  overflow: auto;
  padding: 7px 20px;
  background: ${({ theme }) => theme.page};
  border-bottom: 1px solid ${({ theme }) => theme.rule};
`;

export const GatherArea = styled.div`
  height: 100%;
  overflow: auto;
  --ground: ${({ theme }) => theme.vellum};
  --under: 32px;
  padding: 32px clamp(16px, 6vw, 72px);
`;

export const ShelfArea = styled.div`
  min-height: 0;
  max-height: 34vh;
  display: grid;
  @media (max-width: 800px) { grid-row: 3; max-height: none; }
  @media print { display: none; }
`;

export const DropCover = styled.div`
  position: absolute;
  inset: 0;
  z-index: 10;
  display: grid;
  place-items: center;
  pointer-events: none;
  background: color-mix(in srgb, ${({ theme }) => theme.page} 85%, transparent);
  outline: 2px dashed ${({ theme }) => theme.rubric};
  outline-offset: -10px;
  font: 600 21px/28px ${({ theme }) => theme.reading};
`;

export const Invitation = styled.div`
  display: grid;
  gap: 8px;
  h1 { font: 600 23px/30px ${({ theme }) => theme.reading}; }
  p { max-width: 58ch; }
`;
