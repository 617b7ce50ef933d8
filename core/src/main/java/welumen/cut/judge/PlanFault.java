package welumen.cut.judge;

/** What is wrong with a plan. */
public sealed interface PlanFault {
    double MM2_PER_CM2 = 100;

    /** A sentence with the place in mm. */
    String said();

    /** Two pieces overlap, or lie closer than the gap. */
    record TooClose(String one, String other, String stock, double distance) implements PlanFault {
        @Override
        public String said() {
            return "“%s” and “%s” lie %s on “%s”."
                    .formatted(
                            one, other, distance == 0 ? "over each other" : "%.1f mm apart".formatted(distance), stock);
        }
    }

    /** A piece reaches over the edge of its stock or into a flaw, or closer to it than the gap. */
    record OverTheEdge(String piece, String stock) implements PlanFault {
        @Override
        public String said() {
            return "“%s” lies over or too near the edge or a flaw of “%s”.".formatted(piece, stock);
        }
    }

    /** A piece lies on leather that is worse than it may be. */
    record PoorGrade(String piece, String stock, double area) implements PlanFault {
        @Override
        public String said() {
            return "“%s” lies with %.0f cm² on too poor a grade of “%s”."
                    .formatted(piece, Math.max(1, area / MM2_PER_CM2), stock);
        }
    }

    /** A piece is turned, flipped or matched with a stock as it must not be. */
    record NotSo(String piece, String stock, String because) implements PlanFault {
        @Override
        public String said() {
            return "“%s” must not lie so on “%s”: %s.".formatted(piece, stock, because);
        }
    }

    /** A piece stretches another way than the leather does where it lies. */
    record AgainstTheStretch(String piece, String stock) implements PlanFault {
        @Override
        public String said() {
            return "“%s” does not stretch as “%s” does there: turn it, or lay it nearer to the backbone."
                    .formatted(piece, stock);
        }
    }

    /** A piece does not lie on the pattern of its cloth. */
    record OffTheRepeat(String piece, String stock) implements PlanFault {
        @Override
        public String said() {
            return "“%s” lies beside the pattern of “%s”, which repeats.".formatted(piece, stock);
        }
    }

    /** A copy is there twice, or is none of the piece's. */
    record NoSuchCopy(String piece, int copy) implements PlanFault {
        @Override
        public String said() {
            return "Number %d of “%s” is laid twice, or more are laid than are wanted.".formatted(copy, piece);
        }
    }
}
