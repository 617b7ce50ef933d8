package welumen.desktop.pattern;

/** The edge that is picked: of which piece, and which one, from 0. */
record PickedEdge(String piece, int edge) {}
