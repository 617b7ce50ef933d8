# The JVM's switches for Welumen, one a line, given the folder of its libraries. Read by ./welumen and scripts/bench.
welumen_switches() {
    local lib=$1 modules
    modules=$(echo "$lib"/javafx-*.jar | tr ' ' ':')
    printf '%s\n' -XX:+UseSerialGC -Xmx3g \
        --module-path "$modules" --add-modules javafx.controls,javafx.swing \
        --enable-native-access=javafx.graphics,ALL-UNNAMED \
        --sun-misc-unsafe-memory-access=allow
    if no_screen; then printf '%s\n' -Dglass.platform=Headless -Dprism.order=sw; fi
}

no_screen() { [ "$(uname)" = Linux ] && [ -z "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; }
