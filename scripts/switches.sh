# The JVM's switches for Welumen, one a line, given the folder of its libraries. Read by ./welumen and scripts/bench.
welumen_switches() {
    local lib=$1 modules
    modules=$(echo "$lib"/javafx-*.jar | tr ' ' ':')
    printf '%s\n' -XX:+UseSerialGC -XX:TieredStopAtLevel=4 -Xmx3g \
        --module-path "$modules" --add-modules javafx.controls,javafx.swing \
        --enable-native-access=javafx.graphics,ALL-UNNAMED
    if [ -z "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ] && [ "$(uname)" = Linux ]; then
        printf '%s\n' -Dglass.platform=Headless -Dprism.order=sw
    fi
}
