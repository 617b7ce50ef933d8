package welumen.diary.task;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import welumen.yard.Place;
import welumen.yard.Skill;

/** What is done, by whom as a rule, and where. */
public enum TaskKind {
    AWAIT("await", null, null),
    CHOOSE("choose what is done with", null, null),
    ORDER("order", null, null),
    TAKE_OFF("take off", Skill.STRIPPING, Place.Kind.CAR_PLACE),
    LOOK("look at", Skill.STRIPPING, Place.Kind.CAR_PLACE),
    DRAW("draw", Skill.PATTERNS, Place.Kind.BENCH),
    TRY("try and put right", Skill.PATTERNS, Place.Kind.BENCH),
    CUT("cut", Skill.CUTTING, Place.Kind.CUTTING_TABLE),
    SEW("sew", Skill.SEWING, Place.Kind.SEWING_MACHINE),
    TREAT("treat", null, Place.Kind.BENCH),
    BUILD("build up", Skill.BOARDS, Place.Kind.BENCH),
    LAY("make up", Skill.CARPETS, Place.Kind.BENCH),
    COLOUR("fill and colour", Skill.COLOUR, Place.Kind.SPRAY_PLACE),
    SEND_OUT("send out", null, null),
    FETCH("fetch", null, null),
    PUT_BACK("put back", Skill.STRIPPING, Place.Kind.CAR_PLACE),
    TEST("test", Skill.STRIPPING, Place.Kind.CAR_PLACE),
    CHECK("check", Skill.STRIPPING, Place.Kind.CAR_PLACE),
    HAND_OVER("hand over", null, null);

    private final String word;
    private final Optional<Skill> skill;
    private final Optional<Place.Kind> place;

    TaskKind(String word, @Nullable Skill skill, Place.@Nullable Kind place) {
        this.word = word;
        this.skill = Optional.ofNullable(skill);
        this.place = Optional.ofNullable(place);
    }

    public String word() {
        return word;
    }

    /** What one has to be able to do; empty for what anybody can. */
    public Optional<Skill> skill() {
        return skill;
    }

    /** Where it is done; empty for anywhere. */
    public Optional<Place.Kind> place() {
        return place;
    }

    /** Whether the neighbours hear it: saws, staplers, the compressor. */
    public boolean isLoud() {
        return this == BUILD || this == COLOUR;
    }

    /** Whether it dries, or sags, before it is right where the sun is on it: what is sprayed, glued, laid. */
    public boolean wantsShade() {
        return this == COLOUR || this == LAY;
    }

    /** Whether glue, filler or colour is worked, which nobody does in the cold. */
    public boolean wantsWarmth() {
        return this == COLOUR || this == LAY || this == BUILD;
    }

    /** What its machines draw as a rule, in kW: a rule of thumb. */
    public double kilowatts() {
        return switch (this) {
            case SEW -> 0.6;
            case BUILD, LAY -> 2.2; // the compressor; steam
            case COLOUR -> 3.5; // the compressor and the extraction
            case AWAIT,
                    CHOOSE,
                    ORDER,
                    TAKE_OFF,
                    LOOK,
                    DRAW,
                    TRY,
                    CUT,
                    TREAT,
                    SEND_OUT,
                    FETCH,
                    PUT_BACK,
                    TEST,
                    CHECK,
                    HAND_OVER -> 0;
        };
    }

    /** Whether nobody's hands are wanted, but somebody else's word, parcel or work. */
    public boolean isWait() {
        return this == AWAIT;
    }
}
