package welumen.evidence;

import welumen.cabin.Cabin;

/** Says in a few words what a change of this room did. */
public final class EvidenceSaid {
    private EvidenceSaid() {}

    public static String of(EvidenceChange change, Cabin cabin) {
        return switch (change) {
            case EvidenceChange.EvidenceLogged(var evidence) -> "Evidence: " + evidence.shows();
            case EvidenceChange.Concluded(var conclusion) -> "Concluded: " + conclusion.says();
            case EvidenceChange.PhotoKept(var photo) ->
                "Photo, %s: %s"
                        .formatted(
                                photo.moment().word(), cabin.named(photo.part()).name());
            case EvidenceChange.PhotoMarked(var _, var _) -> "Photo marked";
        };
    }
}
