# The larger compiler takes as long over a method that runs now and then as over one in which all time is spent, and takes
# it from the cores that lay out: it is left what has run some twenty times as often as by default.
compiler_switches=(-XX:Tier4InvocationThreshold=100000 -XX:Tier4MinInvocationThreshold=20000
    -XX:Tier4CompileThreshold=300000 -XX:Tier4BackEdgeThreshold=400000)

# The JVM's switches for Welumen, one a line, given the folder of its libraries. Read by ./welumen and scripts/bench.
welumen_switches() {
    local lib=$1 modules
    modules=$(echo "$lib"/javafx-*.jar | tr ' ' ':')
    printf '%s\n' -XX:+UseSerialGC -Xmx3g "${compiler_switches[@]}" \
        --module-path "$modules" --add-modules javafx.controls,javafx.swing \
        --enable-native-access=javafx.graphics,ALL-UNNAMED \
        --sun-misc-unsafe-memory-access=allow
    if no_screen; then printf '%s\n' -Dglass.platform=Headless -Dprism.order=sw; fi
}

no_screen() { [ "$(uname)" = Linux ] && [ -z "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; }
