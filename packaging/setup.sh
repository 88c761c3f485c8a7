# Sourced by ./demo and ./check: installs missing Debian packages, configures and builds. Expects $top to be set.
install_missing() {
    command -v dpkg-query >/dev/null || { echo "This is not a Debian system: install what packaging/packages.txt names, by hand."; return 0; }
    local missing=()
    local package
    while read -r package; do
        case $package in ''|'#'*) continue ;; esac
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done <"$top/packaging/packages.txt"
    [ ${#missing[@]} -eq 0 ] && return 0
    echo "Installing: ${missing[*]}"
    local as_root=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || { echo "These packages are missing, and neither root nor sudo is at hand: ${missing[*]}"; return 1; }
        as_root=(sudo)
    fi
    "${as_root[@]}" apt-get update -q
    "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends "${missing[@]}"
}

build() {
    cd "$top"
    [ -e build/release/build.ninja ] || cmake --preset release
    cmake --build --preset release "$@"
}
