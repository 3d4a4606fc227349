import { theme, type ThemeConfig } from "antd";
import type { Palette } from "./palette";

export const SANS = '"Source Sans 3", "Segoe UI", "Noto Sans", sans-serif';

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
      fontSize: 16,
      borderRadius: 8,
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
      Button: { primaryShadow: "none", defaultShadow: "none" },
    },
  };
}
