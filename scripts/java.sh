# Finds a JDK 25 or newer and Maven, and says plainly what is missing. Read by ./welumen and ./check.

# As its own paper says: asking javac starts a JVM, which takes longer than starting Welumen.
java_version() {
    local line
    [ -r "$1/release" ] || return 0
    while read -r line; do
        [[ $line =~ ^JAVA_VERSION=\"?([0-9]+) ]] && echo "${BASH_REMATCH[1]}" && return
    done <"$1/release"
}

find_jdk() {
    local candidate version best="" best_version=0
    for candidate in "${JAVA_HOME:-}" /usr/lib/jvm/* /usr/java/* /opt/java/* /opt/jdk* "$HOME"/.jdks/* \
        /Library/Java/JavaVirtualMachines/*/Contents/Home; do
        [ -n "$candidate" ] && [ -x "$candidate/bin/javac" ] || continue
        version=$(java_version "$candidate")
        [ -n "$version" ] && [ "$version" -ge 25 ] || continue
        # What the user has set comes first, else the oldest that will do: it is the one that is tried here.
        if [ "$candidate" = "${JAVA_HOME:-}" ]; then best=$candidate; break; fi
        if [ "$best_version" -eq 0 ] || [ "$version" -lt "$best_version" ]; then best=$candidate; best_version=$version; fi
    done
    if [ -z "$best" ]; then
        echo "Welumen needs a JDK 25 (javac 25). None was found in JAVA_HOME or where this system keeps its JDKs." >&2
        echo "Install one (on Debian from the Temurin or openjdk-25-jdk package), or set JAVA_HOME to it." >&2
        exit 1
    fi
    export JAVA_HOME=$best
    # Maven's own libraries use what newer JDKs warn of; that is no news to a trimmer.
    export MAVEN_OPTS="${MAVEN_OPTS:-} --sun-misc-unsafe-memory-access=allow --enable-native-access=ALL-UNNAMED"
}

need_maven() {
    command -v mvn >/dev/null && return
    echo "Welumen is built with Maven, which was not found. Install it: apt-get install maven" >&2
    exit 1
}

# Not grep -q: it would end before ldconfig has said all, which counts as a failure here.
has_library() { ldconfig -p 2>/dev/null | grep "$1" >/dev/null; }

# Debian's packages for a real window, and for one without a screen. Only where something is missing.
need_packages() {
    local missing=()
    has_library 'libgtk-3\.so\.0' || missing+=(libgtk-3-0)
    has_library 'libXtst\.so\.6' || missing+=(libxtst6)
    [ "${1:-}" = xvfb ] && ! command -v Xvfb >/dev/null && missing+=(xvfb xauth)
    [ ${#missing[@]} -eq 0 ] && return 0
    if [ "$(uname)" = Linux ] && [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
        echo "Installing ${missing[*]} for the window ..." >&2
        apt-get update -qq >/dev/null && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "${missing[@]}" >/dev/null && return 0
    fi
    echo "A window needs ${missing[*]}. Install with: sudo apt-get install ${missing[*]}" >&2
    exit 1
}
