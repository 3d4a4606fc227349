import { theme, type ThemeConfig } from "antd";
import { ROUND, SANS, SPACE, TYPE, type Palette } from "./look";

/** What a rem is to the controls, which reckon in pixels. */
const REM = 16;

/**
 * The controls' theme: their tokens carry our palette, and they move only to show what changed.
 *
 * @param isStill whether nothing may move; controls that wait for the end of a movement must know
 */
export function controlTheme(palette: Palette, isDark: boolean, isStill: boolean): ThemeConfig {
  return {
    algorithm: isDark ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      colorPrimary: palette.heather,
      colorLink: palette.heather,
      colorError: palette.rowan,
      colorWarning: palette.gorse,
      colorSuccess: palette.tarn,
      colorWarningBg: palette.gorseSoft,
      colorWarningBorder: palette.gorse,
      colorInfoBg: palette.heatherSoft,
      colorInfoBorder: palette.heather,
      colorText: palette.peat,
      colorTextSecondary: palette.slate,
      colorTextDescription: palette.slate,
      colorTextPlaceholder: palette.slate,
      colorTextLightSolid: palette.onHeather,
      colorBgBase: palette.paper,
      colorBgContainer: palette.paper,
      colorBgElevated: palette.paper,
      colorBgLayout: palette.mist,
      colorBorder: palette.stone,
      colorBorderSecondary: palette.reed,
      fontFamily: SANS,
      fontSize: TYPE.text * REM,
      fontSizeSM: TYPE.small * REM,
      fontSizeLG: TYPE.line * REM,
      borderRadius: ROUND.middle,
      borderRadiusSM: ROUND.small,
      borderRadiusLG: ROUND.large,
      paddingXXS: SPACE.thin,
      paddingXS: SPACE.close,
      paddingSM: SPACE.even,
      padding: SPACE.wide,
      paddingLG: SPACE.broad,
      marginXXS: SPACE.thin,
      marginXS: SPACE.close,
      marginSM: SPACE.even,
      margin: SPACE.wide,
      marginLG: SPACE.broad,
      controlItemBgActive: palette.heatherSoft,
      controlItemBgHover: palette.mist,
      controlHeight: 36,
      motionDurationFast: "0.08s",
      motionDurationMid: "0.12s",
      motionDurationSlow: "0.15s",
      motion: !isStill,
      wireframe: false,
    },
    components: {
      Tooltip: { colorBgSpotlight: palette.peat, colorTextLightSolid: palette.paper },
      Button: {
        primaryShadow: "none",
        defaultShadow: "none",
        // Buttons that look like words.
        controlHeightSM: 32,
        paddingInlineSM: SPACE.close,
        textTextColor: palette.slate,
        textTextHoverColor: palette.peat,
        textTextActiveColor: palette.peat,
        textHoverBg: palette.heatherSoft,
        linkHoverBg: palette.heatherSoft,
      },
    },
  };
}
