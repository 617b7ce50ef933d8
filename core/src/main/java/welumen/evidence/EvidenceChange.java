package welumen.evidence;

import java.util.List;

/** What happens to photos and what they prove. */
public sealed interface EvidenceChange {
    record EvidenceLogged(Evidence evidence) implements EvidenceChange {}

    record Concluded(Conclusion conclusion) implements EvidenceChange {}

    record PhotoKept(PartPhoto photo) implements EvidenceChange {}

    /** All marks on a photo, in place of those it had. */
    record PhotoMarked(String photo, List<PhotoMark> marks) implements EvidenceChange {
        public PhotoMarked {
            marks = List.copyOf(marks);
        }
    }
}
