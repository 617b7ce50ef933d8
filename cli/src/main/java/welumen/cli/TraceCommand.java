package welumen.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import welumen.files.json.BadFile;
import welumen.files.outline.TraceWriter;
import welumen.files.photo.PhotoFile;
import welumen.measure.Because;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;
import welumen.trace.Tracer;

/** Traces the outline of a flat piece from a photo with targets. */
@Command(
        name = "trace",
        description = "Traces the piece on PHOTO, which lies between printed targets.",
        mixinStandardHelpOptions = true)
final class TraceCommand implements Callable<Integer> {
    @Parameters(paramLabel = "PHOTO")
    private Path photo;

    @Option(names = "--target", defaultValue = "80", description = "the side of a target's black square, in mm (80)")
    private double target;

    @Option(names = "--thickness", defaultValue = "0", description = "how thick the piece is, in mm (0)")
    private double thickness;

    @Option(
            names = "--out",
            paramLabel = "RESULT.json",
            description = "where the outline goes; else to standard output")
    private Path out;

    @Option(names = "--dxf", paramLabel = "RESULT.dxf", description = "where a drawing goes")
    private Path dxf;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws BadFile {
        // what writes is made ready while the photo is read
        Thread.ofPlatform().daemon().start(TraceWriter::ready);
        var traced = trace();
        Map<Path, String> files = new LinkedHashMap<>();
        var text = TraceWriter.json(traced);
        if (out != null) files.put(out, text);
        if (dxf != null) files.put(dxf, TraceWriter.dxf(traced, "traced"));
        TextFiles.write(files);
        for (var warning : traced.warnings()) spec.commandLine().getErr().println(warning);
        if (out == null) {
            PrintWriter print = spec.commandLine().getOut();
            print.print(text);
            if (print.checkError())
                throw new BadFile("The outline cannot be written to standard output: it takes no more.");
        }
        return 0;
    }

    private Traced trace() throws BadFile {
        TraceOptions options;
        try {
            options = new TraceOptions(target, thickness);
        } catch (IllegalArgumentException outOfRange) {
            throw new BadFile(Because.of(outOfRange));
        }
        return switch (Tracer.trace(file().picture(), options)) {
            case Refused<Traced>(var why) -> throw new BadFile("%s: %s".formatted(photo, why));
            case Understood<Traced>(var traced) -> traced;
        };
    }

    private PhotoFile file() throws BadFile {
        try {
            return PhotoFile.of(photo);
        } catch (NoSuchFileException missing) {
            throw new BadFile("There is no file [%s].".formatted(photo));
        } catch (IOException fault) {
            throw new BadFile("The photo [%s] cannot be read: %s.".formatted(photo, fault.getMessage()));
        }
    }
}
