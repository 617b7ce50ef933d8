package welumen.standins.demo;

import java.time.LocalDate;
import java.util.List;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.files.workshop.WorkshopFolder;
import welumen.intake.Agreement;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.WishNoted;
import welumen.intake.Standard;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.InCabin;
import welumen.journal.Journal;
import welumen.measure.Money;
import welumen.pattern.Clearance;
import welumen.pattern.LikenessText;
import welumen.pattern.Padding;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LikenessWanted;
import welumen.pattern.PatternChange.PaddingSaid;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.Seam;
import welumen.pattern.SideStation;
import welumen.pattern.Trial;
import welumen.pattern.draft.DraftText;
import welumen.pattern.draft.EditText;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Piece;
import welumen.pattern.sides.LessonText;
import welumen.pattern.surface.Quilting;

/** The third job: a van that becomes a camper; its console, its kick panels and its bench are being planned. */
final class DrumlinJob {
    private static final String BOARD = "birch board";
    private static final String HIDE = "rust hide";
    private static final double PADDING_MM = 12;

    private final SetClock clock;
    private final LocalDate today;
    private final Journal<JobChange, Job> journal;
    private String leftKickPanel = "";

    DrumlinJob(WorkshopFolder workshop, SetClock clock, LocalDate today) {
        this.clock = clock;
        this.today = today;
        this.journal = workshop.job(DemoWorkshop.DRUMLIN, clock);
    }

    void write() {
        clock.set(DemoWorkshop.at(today.minusDays(9), 11, 0));
        make(new AtIntake(new CarTakenIn(
                new Car("Drumlin half-ton", 1956, "van turned camper", "invented, none"),
                new Customer("Miss Perpetua Thornby", "calls on Saturdays"),
                new Agreement(Standard.SHOW_CUSTOM, Money.of(7200, "GBP"), LocalDate.of(2026, 5, 15)))));
        make(new AtIntake(new WishNoted("a console that nobody sells; diamonds from the bench on to the doors")));
        make(new InCabin(new PartsListed(BodyParts.of(Body.VAN, Side.RIGHT))));
        console();
        kickPanels();
        bench();
        foam();
        FinishBench.smallPieces(today).forEach(this::make);
        make(new LikenessWanted(LikenessText.read("console height to width 310 : 620, ours 305 : 640, within 3 %")
                .orThrow()));
        make(new LikenessWanted(LikenessText.read("waist line 412 rising 2, over 8, 415 rising 2")
                .orThrow()));
        make(new LessonLearnt(
                LessonText.read("AB 3 longer, took 95 min, glue the sill edge first", piece(leftKickPanel))
                        .orThrow()));
        make(new ClearanceMeasured(
                new Clearance("gear lever over the console", 64, 45, 11, List.of(PartId.named("console")))));
        make(new ClearanceMeasured(new Clearance("handbrake lever", 22, 15, 6, List.of(PartId.named("console")))));
    }

    /** Tried in card four times; the bezel that drops into it has not come. */
    private void console() {
        var top = draw("console top 420 x 320, corners 24", "console", BOARD);
        make(new PieceDrawn(wrapped(top)));
        change(top.id(), 0, "open 182 x 240 at 200, 160");
        for (var at : List.of("30, 30", "390, 30", "390, 290", "30, 290"))
            change(top.id(), 0, "punched 5 at " + at + " for console screw");
        var insert = draw("console insert 176.2 x 234.2", "console", BOARD);
        make(new PieceDrawn(insert.withEdges(insert.edges().stream()
                .map(edge -> edge.finished(EdgeFinish.RAW, 0))
                .toList())));
        change(insert.id(), 0, "waits for the bezel");
        tried(insert, 1, "", "rocks on the tunnel, 6 mm high behind", false);
        tried(insert, 2, "rear 6 mm in", "opening too tight for the lining", false);
        tried(insert, 3, "smaller by the lining all round", "touches the dash when it slides in", false);
        tried(insert, 4, "front corner rounded by 12", "clears the dash by 9 mm", true);
    }

    private void tried(Piece piece, int number, String changed, String found, boolean isAccepted) {
        make(new TrialNoted(new Trial(
                piece.id(),
                number,
                Trial.Of.CARD,
                changed,
                found,
                0,
                isAccepted,
                today.minusDays(6 - number),
                List.of(),
                isAccepted ? piece(piece.id()).net().corners() : List.of())));
    }

    /** The right one is the left one mirrored, but for a dash that comes lower, and a pipe. */
    private void kickPanels() {
        var left = draw(
                "left kick panel AB 420, BC 310, CD 400 bow 12, DA 305, AC 520", "left kick panel", "board and vinyl");
        leftKickPanel = left.id();
        for (var at : List.of("25, 25", "395, 25", "200, 290"))
            change(left.id(), 0, "punched 4 at " + at + " for trim screw");
        var whole = piece(left.id());
        var right = Mirrored.of(whole, PartId.named("right kick panel"), "right kick panel");
        var lower = EdgeEdit.moved(right, edge(right, "CD"), -32).orThrow();
        make(new PieceDrawn(
                EdgeEdit.notched(lower, edge(lower, "BC"), 90, 40, 28).orThrow()));
        make(new StationMeasured(left.id(), new SideStation("dash to sill", 412, 380, "")));
        make(new StationMeasured(left.id(), new SideStation("bulkhead to pillar", 398, 391, "")));
        make(new StationMeasured(left.id(), new SideStation("sill to floor", 118, 119, "")));
    }

    /** Under the bench and the doors, cut from the same sheets. */
    private void foam() {
        var seat = draw("bench foam 1170 x 470", "bench cushion", "foam");
        var door = draw("left door foam 620 x 340", "left front door card", "foam");
        make(new PaddingSaid(
                seat.id(),
                Padding.read("40 mm, 45 kg/m3, pressed 12 %, glued, feathered 30")
                        .orThrow()));
        make(new PaddingSaid(door.id(), Padding.read("10 mm, 30 kg/m3, glued").orThrow()));
    }

    private static int edge(Piece piece, String name) {
        for (var i = 0; i < piece.edges().size(); i++)
            if (piece.edges().get(i).name().equals(name)) return i;
        throw new IllegalStateException("There is no edge " + name);
    }

    /** Diamonds on the bench, which go on over the doors in one line. */
    private void bench() {
        var cushion = draw("bench centre 1180 x 480", "bench cushion", HIDE);
        var quilted = cushion.with(cushion.inside().with(Quilting.on(cushion, 72, Math.toRadians(64), PADDING_MM)));
        make(new PieceDrawn(quilted));
        var door = draw("left door centre 640 x 360", "left front door card", HIDE);
        make(new PieceDrawn(door.with(door.inside()
                .with(Quilting.carried(quilted, new Seam.Side(quilted.id(), 3), door, new Seam.Side(door.id(), 1))))));
    }

    private Piece draw(String typed, String part, String material) {
        var piece =
                DraftText.read(typed, PartId.named(part), material).orThrow().piece();
        make(new PieceDrawn(piece));
        return piece;
    }

    private static Piece wrapped(Piece piece) {
        return piece.withEdges(piece.edges().stream().map(DrumlinJob::wrapped).toList());
    }

    private static Edge wrapped(Edge edge) {
        return edge.finished(EdgeFinish.WRAPPED, 31);
    }

    private void change(String piece, int edge, String typed) {
        for (var change : EditText.read(typed, journal.state().patterns(), piece(piece), edge)
                .orThrow()) make(change);
    }

    private Piece piece(String id) {
        return journal.state().patterns().findOne(id).orElseThrow();
    }

    private void make(PatternChange change) {
        make(new AtPattern(change));
    }

    private void make(JobChange change) {
        clock.set(clock.instant().plusSeconds(90));
        journal.make(change, DemoWorkshop.PERSON);
    }
}
