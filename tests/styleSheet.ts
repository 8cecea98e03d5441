/** Style sheets are the browser’s: in unit tests their classes have no names. */
export default {};
