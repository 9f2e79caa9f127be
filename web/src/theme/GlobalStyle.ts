import { createGlobalStyle } from "styled-components";
import control from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_400Regular.ttf?url";
import controlItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_400Regular_Italic.ttf?url";
import controlMedium from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_500Medium.ttf?url";
import controlBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_700Bold.ttf?url";
import controlBoldItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/AlegreyaSans_700Bold_Italic.ttf?url";
import fine from "../../../formats/src/main/resources/org/pergamena/formats/fonts/EBGaramond_400Regular.ttf?url";
import fineItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/EBGaramond_400Regular_Italic.ttf?url";
import fineBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/EBGaramond_600SemiBold.ttf?url";
import fineBoldItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/EBGaramond_600SemiBold_Italic.ttf?url";
import narrow from "../../../formats/src/main/resources/org/pergamena/formats/fonts/FiraSansCondensed_400Regular.ttf?url";
import narrowItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/FiraSansCondensed_400Regular_Italic.ttf?url";
import narrowBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/FiraSansCondensed_600SemiBold.ttf?url";
import narrowBoldItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/FiraSansCondensed_600SemiBold_Italic.ttf?url";
import typed from "../../../formats/src/main/resources/org/pergamena/formats/fonts/JetBrainsMono_400Regular.ttf?url";
import typedItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/JetBrainsMono_400Regular_Italic.ttf?url";
import typedBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/JetBrainsMono_700Bold.ttf?url";
import typedBoldItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/JetBrainsMono_700Bold_Italic.ttf?url";
import reading from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_400Regular.ttf?url";
import readingItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_400Regular_Italic.ttf?url";
import readingMedium from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_500Medium.ttf?url";
import readingSemiBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_600SemiBold.ttf?url";
import readingSemiBoldItalic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/Literata_600SemiBold_Italic.ttf?url";
import arabic from "../../../formats/src/main/resources/org/pergamena/formats/fonts/NotoNaskhArabic_400Regular.ttf?url";
import arabicBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/NotoNaskhArabic_700Bold.ttf?url";
import hebrew from "../../../formats/src/main/resources/org/pergamena/formats/fonts/NotoSansHebrew_400Regular.ttf?url";
import hebrewBold from "../../../formats/src/main/resources/org/pergamena/formats/fonts/NotoSansHebrew_700Bold.ttf?url";
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
  ${face("Noto Sans Hebrew", hebrew, 400)}
  ${face("Noto Sans Hebrew", hebrewBold, 700)}
  ${face("Noto Naskh Arabic", arabic, 400)}
  ${face("Noto Naskh Arabic", arabicBold, 700)}
  ${face("Alegreya Sans", controlItalic, 400, "italic")}
  ${face("Alegreya Sans", controlBoldItalic, 700, "italic")}
  ${face("Literata", readingSemiBoldItalic, 600, "italic")}
  ${face("EB Garamond", fine, 400)}
  ${face("EB Garamond", fineItalic, 400, "italic")}
  ${face("EB Garamond", fineBold, 600)}
  ${face("EB Garamond", fineBoldItalic, 600, "italic")}
  ${face("Fira Sans Condensed", narrow, 400)}
  ${face("Fira Sans Condensed", narrowItalic, 400, "italic")}
  ${face("Fira Sans Condensed", narrowBold, 600)}
  ${face("Fira Sans Condensed", narrowBoldItalic, 600, "italic")}
  ${face("JetBrains Mono", typed, 400)}
  ${face("JetBrains Mono", typedItalic, 400, "italic")}
  ${face("JetBrains Mono", typedBold, 700)}
  ${face("JetBrains Mono", typedBoldItalic, 700, "italic")}

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
