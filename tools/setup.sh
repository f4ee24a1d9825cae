# Sourced by run-demo and run-tests: installs missing packages and builds. Sets ROOT.
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
export LC_ALL=C.UTF-8

install_missing() {
    local missing=() package
    for package in $(grep -vE '^\s*(#|$)' "$ROOT/packages.txt" | awk '{print $1}'); do
        # a newer node from elsewhere serves as well as Debian's
        case $package in
            nodejs) command -v node >/dev/null && continue ;;
            npm) command -v npm >/dev/null && continue ;;
        esac
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    local as_root=()
    if [ "$(id -u)" -ne 0 ]; then
        if command -v sudo >/dev/null && { sudo -n true 2>/dev/null || [ -t 0 ]; }; then
            as_root=(sudo)
        else
            echo "These packages are missing and cannot be installed from here; install them as root and start again:"
            echo "  apt-get install ${missing[*]}"
            exit 1
        fi
    fi
    echo "Installing ${#missing[@]} packages ..."
    "${as_root[@]}" apt-get update -qq
    DEBIAN_FRONTEND=noninteractive "${as_root[@]}" apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
}

# build PRESET
build() {
    cd "$ROOT"
    cmake --preset "$1" >"$ROOT/build/configure-$1.log" 2>&1 || { tail -20 "$ROOT/build/configure-$1.log"; exit 1; }
    cmake --build --preset "$1"
}
# what drives the browser in tests and pictures
browser_tools() {
    for tool in playwright-core axe-core scorm-again; do
        [ -d "$ROOT/tests/browser/node_modules/$tool" ] || { (cd "$ROOT/tests/browser" && npm ci --no-audit --no-fund --silent); break; }
    done
}
# the object store that tests start for themselves
object_store() {
    [ -d "$ROOT/tests/objects/node_modules/s3rver" ] || (cd "$ROOT/tests/objects" && npm ci --no-audit --no-fund --silent)
}
mkdir -p "$ROOT/build"
