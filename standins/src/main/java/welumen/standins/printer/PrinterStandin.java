package welumen.standins.printer;

import java.nio.file.Path;
import java.util.function.BiFunction;
import welumen.strip.label.LabelPrinter;

/** Prints into a folder: the sheet is a PDF there. */
public final class PrinterStandin implements LabelPrinter {
    private final BiFunction<String, byte[], Path> folder;

    /** @param folder keeps a sheet under a name and says where */
    public PrinterStandin(BiFunction<String, byte[], Path> folder) {
        this.folder = folder;
    }

    @Override
    public String print(byte[] pdf, String name) {
        return folder.apply(name + ".pdf", pdf).toString();
    }
}
