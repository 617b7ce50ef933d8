package welumen.files.json;

import static welumen.files.json.Kind.kind;
import static welumen.files.json.Kinds.Family.family;

import java.util.List;
import welumen.cabin.Within;
import welumen.cut.Turns;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.evidence.PhotoMark;
import welumen.intake.Approval;
import welumen.pattern.Likeness;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Surface;
import welumen.strip.Bag;
import welumen.survey.Mark;

/** What each kind of thing that a change speaks of is called in a file: a mark, a stock, a way to turn. */
final class ValueKinds {
    private ValueKinds() {}

    static List<Kinds.Family> families() {
        return List.of(
                family(
                        Approval.Answer.class,
                        kind("awaited", Approval.Answer.Awaited.class),
                        kind("given", Approval.Answer.Given.class)),
                family(Within.class, kind("the-car", Within.TheCar.class), kind("assembly", Within.Assembly.class)),
                family(Bag.class, kind("numbered", Bag.Numbered.class), kind("not-said", Bag.NotSaid.class)),
                family(
                        Mark.class,
                        kind("dot", Mark.Dot.class),
                        kind("run", Mark.Run.class),
                        kind("patch", Mark.Patch.class),
                        kind("on-photo", Mark.OnPhoto.class)),
                family(
                        Grain.class,
                        kind("any-way", Grain.AnyWay.class),
                        kind("stretch-along", Grain.StretchAlong.class),
                        kind("nap-toward", Grain.NapToward.class)),
                family(
                        Surface.class,
                        kind("plain", Surface.Plain.class),
                        kind("fluted", Surface.Fluted.class),
                        kind("quilted", Surface.Quilted.class),
                        kind("perforated", Surface.Perforated.class),
                        kind("pleated", Surface.Pleated.class)),
                family(
                        Likeness.class,
                        kind("proportion", Likeness.Proportion.class),
                        kind("line-across", Likeness.LineAcross.class)),
                family(
                        Turns.class,
                        kind("free", Turns.Free.class),
                        kind("half", Turns.Half.class),
                        kind("as-drawn", Turns.AsDrawn.class),
                        kind("listed", Turns.Listed.class)),
                family(
                        Stretch.class,
                        kind("any", Stretch.Any.class),
                        kind("along", Stretch.Along.class),
                        kind("as-grown", Stretch.AsGrown.class)),
                family(Stock.class, kind("hide", Stock.Hide.class), kind("roll", Stock.Roll.class)),
                family(
                        PhotoMark.class,
                        kind("arrow", PhotoMark.Arrow.class),
                        kind("ring", PhotoMark.Ring.class),
                        kind("numbered", PhotoMark.Numbered.class),
                        kind("written", PhotoMark.Written.class)));
    }
}
