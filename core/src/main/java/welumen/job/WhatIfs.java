package welumen.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.job.JobChange.WhatIfKept;

/** What may come, kept beside the job in the order in which it was thought of. */
public record WhatIfs(List<WhatIfKept> all) {
    public static final WhatIfs NONE = new WhatIfs(List.of());

    public WhatIfs {
        all = List.copyOf(all);
    }

    WhatIfs with(WhatIfKept one) {
        return new WhatIfs(
                Stream.concat(without(one.id()).all.stream(), Stream.of(one)).toList());
    }

    WhatIfs without(String id) {
        return new WhatIfs(all.stream().filter(one -> !one.id().equals(id)).toList());
    }

    public Optional<WhatIfKept> find(String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** A name that none of them has. */
    public String nextId() {
        for (var i = all.size() + 1; ; i++) {
            var id = "if-" + i;
            if (find(id).isEmpty()) return id;
        }
    }
}
