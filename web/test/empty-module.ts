/** Stands for a style sheet where there is no browser to style. */
export default {};
