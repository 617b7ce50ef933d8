package welumen.strip.label;

/** Prints sheets of labels. The workshop's own, or a stand-in for it. */
public interface LabelPrinter {
    /**
     * @param pdf one or more A4 sheets, 1:1
     * @return where they came out, in words
     */
    String print(byte[] pdf, String name);
}
