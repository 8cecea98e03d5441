/** Stands in for the marker package, which refuses to load outside the server. */
export {};
