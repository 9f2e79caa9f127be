import { createGlobalStyle } from "styled-components";
import control from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_400Regular.ttf?url";
import controlMedium from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_500Medium.ttf?url";
import controlBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_700Bold.ttf?url";
import reading from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_400Regular.ttf?url";
import readingItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_400Regular_Italic.ttf?url";
import readingMedium from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_500Medium.ttf?url";
import readingSemiBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_600SemiBold.ttf?url";
import { APPEARANCES } from "./appearances";

const face = (family: string, url: string, weight: number, style = "normal") => `
  @font-face {
    font-family: "${family}";
    src: url("${url}") format("truetype");
    font-weight: ${weight};
    font-style: ${style};
    font-display: block;
  }`;

export const GlobalStyle = createGlobalStyle`
  ${face("Literata", reading, 400)}
  ${face("Literata", readingItalic, 400, "italic")}
  ${face("Literata", readingMedium, 500)}
  ${face("Literata", readingSemiBold, 600)}
  ${face("Alegreya Sans", control, 400)}
  ${face("Alegreya Sans", controlMedium, 500)}
  ${face("Alegreya Sans", controlBold, 700)}

  ${APPEARANCES}

  *, *::before, *::after { box-sizing: border-box; }
  html, body, #root { height: 100%; margin: 0; }
  html { accent-color: ${({ theme }) => theme.ink}; }
  body {
    background: ${({ theme }) => theme.vellum};
    color: ${({ theme }) => theme.ink};
    font: 400 15px/20px ${({ theme }) => theme.control};
    -webkit-font-smoothing: antialiased;
  }
  h1, h2, h3, p, ul, ol { margin: 0; padding: 0; }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after { transition: none !important; animation: none !important; scroll-behavior: auto !important; }
  }
  @media (forced-colors: active) {
    mark, [data-sought] { forced-color-adjust: none; background: Mark !important; color: MarkText !important; }
  }
  @media print {
    @page { margin: 15mm; }
    html, body, #root, #root > * { display: block; height: auto; background: none; }
    [role="toolbar"] { display: none !important; }
  }
  ::selection { background: ${({ theme }) => theme.ink}; color: ${({ theme }) => theme.page}; }
  :focus-visible { outline: 2px solid ${({ theme }) => theme.rubric}; outline-offset: 2px; }
`;
