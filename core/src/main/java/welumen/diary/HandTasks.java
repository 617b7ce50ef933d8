package welumen.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.diary.book.DiaryBook;
import welumen.diary.book.HandTask;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.diary.task.Why;
import welumen.schedule.Effort;

/** What people have said of the tasks is merged into those that the job makes: theirs goes before. */
final class HandTasks {
    private static final String REST = ":rest";

    private final DiaryBook book;
    private final TaskDraft draft;

    HandTasks(DiaryBook book, TaskDraft draft) {
        this.book = book;
        this.draft = draft;
    }

    void merge() {
        var own = book.added().stream()
                .filter(task -> !book.done().contains(task.id()))
                .toList();
        own.forEach(this::add);
        own.forEach(this::link);
        for (var id : draft.ids()) {
            var task = draft.one(id);
            Optional.ofNullable(book.promises().get(id)).ifPresent(promise -> draft.arrives(task, promise.day()));
            Optional.ofNullable(book.fixed().get(id)).ifPresent(task::fixed);
            Optional.ofNullable(book.split().get(id)).ifPresent(share -> split(task, share));
        }
        for (var id : List.copyOf(draft.ids()))
            if ((book.dropped().containsKey(id) && isWork(id))
                    || (book.done().contains(id) && draft.one(id).isWait() && Task.isParcel(id))) draft.drop(id);
    }

    /** What others hold is let go where it is held, by name: nobody drops it here. */
    private boolean isWork(String id) {
        return !draft.one(id).isWait() || Task.isParcel(id);
    }

    private void add(HandTask task) {
        var making = TaskDraft.make(task.id(), task.kind(), task.what())
                .takes(task.effort())
                .by(task.hands());
        task.parts().stream().findFirst().ifPresent(making::on);
        draft.add(making);
    }

    private void link(HandTask task) {
        for (var id : task.after()) if (draft.has(id)) draft.one(task.id()).after(new After(id, Why.MADE_BEFORE));
        for (var id : task.before())
            if (draft.has(id))
                draft.one(id)
                        .after(new After(task.id(), Why.MADE_BEFORE, "%s is to be done first".formatted(task.what())));
    }

    /** What waited for it waits for its second go. */
    private void split(TaskDraft.Making task, double share) {
        var rest = draft.add(task.like(task.id() + REST).takes(times(task.effort(), 1 - share)));
        for (var id : new ArrayList<>(draft.ids()))
            if (!id.equals(rest.id())) draft.one(id).waitInstead(task.id(), rest.id());
        task.takes(times(task.effort(), share));
        rest.after(new After(task.id(), Why.MADE_BEFORE));
    }

    private static Effort times(Effort all, double share) {
        return new Effort(times(all.low(), share), times(all.likely(), share), times(all.high(), share));
    }

    /** To the minute. */
    private static Duration times(Duration work, double share) {
        return Duration.ofMinutes(Math.round(work.toMinutes() * share));
    }
}
