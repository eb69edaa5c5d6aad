/** Stands in for style sheets and server markers under Jest. */
export default {};
