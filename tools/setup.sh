# Sourced by ./start and ./test: system libraries, then a Python environment from the pinned and hashed lock.

QT_PACKAGES="libgl1 libegl1 libx11-6 libxkbcommon0 libfontconfig1 libfreetype6 libdbus-1-3 libglib2.0-0"
WINDOW_PACKAGES="libxkbcommon-x11-0 libxcb-cursor0 libxcb-image0 libxcb-randr0 libxcb-render-util0 libxcb-shape0 libxcb-xkb1 libx11-xcb1 libxcb-icccm4 libxcb-keysyms1 libportaudio2"

# Installs the Debian packages that Qt needs when root, names them otherwise.
setup_system_libraries() {
    local wanted="$QT_PACKAGES $WINDOW_PACKAGES" missing="" p
    [ "${1:-}" = test ] && wanted="$wanted dbus-daemon" # a private message bus
    command -v dpkg-query >/dev/null 2>&1 || return 0
    for p in $wanted; do
        dpkg-query -W -f '${Status}' "$p" 2>/dev/null | grep -q 'ok installed' || missing="$missing $p"
    done
    [ -z "$missing" ] && return 0
    if [ "$(id -u)" = 0 ]; then
        echo "Installing system libraries:$missing"
        apt-get update -qq >/dev/null 2>&1 || true
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing >/dev/null ||
            echo "Some could not be installed; the window may not open." >&2
    else
        echo "These system libraries are missing; the window may not open without them:" >&2
        echo "  sudo apt-get install$missing" >&2
    fi
}

# setup_environment FOLDER main|machines|dev: makes FOLDER/.venv where the lock has changed; one that holds more is left as it is.
setup_environment() {
    local here=$1 kind=$2 lock stamp python uv more
    lock="$here/requirements-$kind.lock"
    stamp="$here/.venv/.made-from-$kind"
    if [ -f "$stamp" ] && cmp -s "$lock" "$stamp"; then keep_methods "$here"; return 0; fi
    for more in machines dev; do
        [ "$kind" = main ] || { [ "$kind" = machines ] && [ "$more" = dev ]; } || continue
        if [ -f "$here/.venv/.made-from-$more" ] && cmp -s "$here/requirements-$more.lock" "$here/.venv/.made-from-$more"; then keep_methods "$here"; return 0; fi
    done
    echo "Making the Python environment (once, about 300 MB to fetch)"
    uv=$(find_uv "$here") || {
        echo "Python's venv module or uv is needed to set up. On Debian: sudo apt-get install python3-venv" >&2
        exit 1
    }
    "$uv" venv -q --allow-existing --python 3.11 "$here/.venv" || {
        echo "Python 3.11 is needed and could not be had. On Debian 12: sudo apt-get install python3" >&2
        exit 1
    }
    "$uv" pip sync --compile-bytecode --python "$here/.venv/bin/python" --require-hashes "$lock" || {
        echo "The Python packages could not be fetched. Is a package index in reach?" >&2
        exit 1
    }
    "$uv" pip install -q --python "$here/.venv/bin/python" --no-deps --no-build-isolation -e "$here"
    "$here/.venv/bin/python" -m compileall -q "$here/src" || true  # so that the first start is as quick as the next
    keep_methods "$here"
    rm -f "$here"/.venv/.made-from-*  # what another lock had made is changed now
    cp "$lock" "$stamp"
}

# Compiles the methods of dataclasses, which Python would do at each start (src/standtall/base/methods.py), where they were not
# or where the program has changed since.
keep_methods() {
    local package="$1/src/standtall" kept
    kept=$(find "$package" -maxdepth 2 -path '*/__pycache__/methods.*.bin' -print -quit)
    if [ -z "$kept" ] || [ -n "$(find "$package" -name '*.py' -newer "$kept" -print -quit)" ]; then
        "$1/.venv/bin/python" -m standtall.cli.keep_methods 2>/dev/null || true  # without them the start is slower, and right
    fi
}

# Prints the path of uv: the one on the machine, or one put beside the environment.
find_uv() {
    local here=$1 boot="$1/.venv/setup" python
    command -v uv && return 0
    [ -x "$boot/bin/uv" ] && { echo "$boot/bin/uv"; return 0; }
    python=$(command -v python3.11 || command -v python3) || return 1
    if ! "$python" -m venv "$boot" >/dev/null 2>&1; then
        rm -rf "$boot"
        [ "$(id -u)" = 0 ] || return 1
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq python3-venv >/dev/null 2>&1 || return 1
        "$python" -m venv "$boot" >/dev/null || return 1
    fi
    "$boot/bin/python" -m pip install -q --disable-pip-version-check --require-hashes -r "$here/tools/uv.lock" >&2 || return 1
    echo "$boot/bin/uv"
}
