export * from "./health";
export * from "./openapi";
export * from "./problem-details";
export * from "./routes";
export * from "./saved-problems";
export * from "./solve";
