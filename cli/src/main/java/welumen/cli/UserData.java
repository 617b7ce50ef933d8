package welumen.cli;

import java.nio.file.Path;

/** Where this user's programs keep their data: XDG_DATA_HOME, else below HOME. */
final class UserData {
    private UserData() {}

    static Path folder() {
        var data = System.getenv("XDG_DATA_HOME");
        if (data != null && !data.isBlank()) return Path.of(data, "welumen");
        var home = System.getenv("HOME");
        var below = home == null || home.isBlank() ? System.getProperty("user.home") : home;
        return Path.of(below, ".local", "share", "welumen");
    }

    static Path demo() {
        return folder().resolve("demo");
    }

    static Path workshops() {
        return folder().resolve("workshops");
    }
}
