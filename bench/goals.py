#!/usr/bin/python3
"""Large work, size by size: time, memory, growth, and a general library's figures beside ours.

    bench/goals.py [--build build/release] [--only REGEX] [--rounds 2]

Prints the table that bench/quality.py puts into docs/quality.md. Each run is a process of its own: its time, and the largest memory it ever
held. Of several rounds the least time counts. Growth is the exponent of size between the smallest and the largest: 1 is linear. Peers want
python3-opencv and python3-skimage, and for fitting `npm install fit-curve` in bench/; without them their column stays empty. A peer's time
is its own work alone, without reading the file, ours is all of the command's.
"""
import argparse
import base64
import collections
import math
import os
import re
import subprocess
import sys
import tempfile
import time

HERE = os.path.dirname(os.path.abspath(__file__))
TOP = os.path.dirname(HERE)
Goal = collections.namedtuple("Goal", "seconds mebibytes", defaults=(None, None))


def run(command, **more):
    """Seconds, MiB, and what it printed."""
    start = time.monotonic()
    child = subprocess.Popen(command, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, env={**os.environ, "QT_QPA_PLATFORM": "offscreen"}, **more)
    text = child.stdout.read().decode()
    _, status, used = os.wait4(child.pid, 0)
    child.returncode = os.waitstatus_to_exitcode(status)
    if child.returncode:
        raise RuntimeError(f"{' '.join(command)} ended with {child.returncode}")
    return time.monotonic() - start, used.ru_maxrss / 1024, text


# Pages to work on, drawn by the program itself.

def exported(cli, folder, name, svg, side):
    picture = os.path.join(folder, name + ".png")
    drawing = os.path.join(folder, name + ".svg")
    with open(drawing, "w") as f:
        f.write(svg)
    run([cli, "export", drawing, "-o", picture, "--width", str(side), "--references"])
    os.remove(drawing)
    return picture


def lettered(cli, folder, megapixels, letters):
    """A white page of so many letters, as large as it holds them."""
    side = round(math.sqrt(megapixels * 1e6))
    rows = max(1, round(math.sqrt(0.496 * letters)))
    words = "moth lantern teapot salt glass night market rope".replace(" ", "")
    text = "\n".join("".join(words[(r * 7 + k) % len(words)] for k in range(round(letters / rows))) for r in range(rows))
    out = os.path.join(folder, "words.svg")
    run([cli, "letter", text.replace("\n", "\\n"), "-o", out, "--size", str(0.74 * side / rows / 1.2 if rows > 1 else side / 8)])
    svg = open(out).read()
    size = [float(v) for v in re.search(r'viewBox="([^"]*)"', svg).group(1).split()] if "viewBox" in svg else [0, 0, side, side]
    scale = 0.96 * side / max(size[2], size[3])
    inside = re.search(r"<svg[^>]*>(.*)</svg>", svg, re.S).group(1)
    page = (f'<svg xmlns="http://www.w3.org/2000/svg" width="{side}" height="{side}"><rect width="{side}" height="{side}" fill="#fff"/>'
            f'<g transform="translate({0.02 * side - size[0] * scale} {0.02 * side - size[1] * scale}) scale({scale})">{inside}</g></svg>')
    return exported(cli, folder, f"letters-{megapixels}-{letters}", page, side)


def tiled(cli, folder, megapixels, held, box, name):
    """A page of so many megapixels, tiled with the part `box` (x, y, width, height) of a picture, a data URI: its grain stays as it is."""
    side = round(math.sqrt(megapixels * 1e6))
    x, y, width, height = box
    page = (f'<svg xmlns="http://www.w3.org/2000/svg" width="{side}" height="{side}"><defs><pattern id="tile" patternUnits="userSpaceOnUse" '
            f'width="{width}" height="{height}"><image x="{-x}" y="{-y}" href="{held}"/></pattern></defs>'
            f'<rect width="{side}" height="{side}" fill="url(#tile)"/></svg>')
    return exported(cli, folder, f"{name}-{megapixels}", page, side)


def held_in(drawing):
    """The first picture a demo piece holds, as its data URI."""
    with open(drawing) as f:
        return re.search(r"data:image/\w+;base64,[A-Za-z0-9+/=\s]+", f.read()).group(0)


# Peers. Each runs in a process of its own and prints its seconds.

PEERS = {
    "outlines": """
import cv2
g = cv2.imread(FILE, 0)
start = time.monotonic()
_, b = cv2.threshold(g, 0, 255, cv2.THRESH_BINARY_INV + cv2.THRESH_OTSU)
cv2.findContours(b, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_NONE)""",
    "lines": """
import cv2
from skimage.morphology import skeletonize
g = cv2.imread(FILE, 0)
start = time.monotonic()
g = cv2.GaussianBlur(g, (0, 0), 1.5)
skeletonize(cv2.adaptiveThreshold(g, 1, cv2.ADAPTIVE_THRESH_MEAN_C, cv2.THRESH_BINARY_INV, 51, 12))""",
    "tones": """
import cv2, numpy
p = cv2.cvtColor(cv2.imread(FILE), cv2.COLOR_BGR2LAB).reshape(-1, 3).astype(numpy.float32)
start = time.monotonic()
cv2.kmeans(p, 8, None, (cv2.TERM_CRITERIA_EPS + cv2.TERM_CRITERIA_MAX_ITER, 10, 1.0), 1, cv2.KMEANS_PP_CENTERS)""",
}
PEER_NAMES = {"outlines": "OpenCV, threshold and contours (no curves)", "lines": "OpenCV and scikit-image, threshold and skeleton (no curves)",
              "tones": "OpenCV, k-means (no shapes)", "fit": "npm fit-curve"}


def peer(kind, picture):
    code = f"import time\nFILE = {picture!r}\n{PEERS[kind]}\nprint(time.monotonic() - start)"
    try:
        _, memory, text = run([sys.executable, "-c", code])
        return float(text), memory
    except RuntimeError:
        return None


def fitting_peer():
    try:
        return {int(n): float(ms) / 1000 for n, ms in re.findall(r"(\d+) samples: .*? ([\d.]+) ms", run(["node", os.path.join(HERE, "fit_curve.cjs")], cwd=HERE)[2])}
    except (RuntimeError, OSError):
        return {}


# Rows: what, [(size, unit of size, seconds, MiB, goal, peer's seconds)].

class Rows:
    def __init__(self, build, rounds, only):
        self.build, self.rounds, self.only = build, rounds, re.compile(only)
        self.cli = os.path.join(build, "soft-rope-cli")
        self.text = ["| what | size | time | goal | memory | goal | peer's time, memory | growth |", "|---|---|---|---|---|---|---|---|"]
        self.peers = set()

    def wants(self, what):
        return bool(self.only.search(what))

    def add(self, what, unit, measured, kind=None):
        """`measured`: [(size, seconds, MiB or None, Goal, peer or None)], by size."""
        first, last = measured[0], measured[-1]
        growth = math.log(last[1] / first[1]) / math.log(last[0] / first[0]) if last[0] > first[0] and first[1] > 0 else None
        for k, (size, seconds, memory, goal, other) in enumerate(measured):
            if kind and other:
                self.peers.add(kind)
            self.text.append("| " + " | ".join([
                what if k == 0 else "",
                f"{size:,g} {unit}",
                duration(seconds),
                duration(goal.seconds) if goal.seconds else "",
                f"{memory:.0f} MiB" if memory else "",
                f"{goal.mebibytes} MiB" if goal.mebibytes else "",
                (duration(other[0]) + (f", {other[1]:.0f} MiB" if other[1] else "")) if other else "",
                f"{growth:.2f}" if growth is not None and k + 1 == len(measured) else ""]) + " |")

    def command(self, what, kind, sizes, page, *arguments):
        if not self.wants(what):
            return
        measured = []
        for size, goal in sizes:
            with tempfile.TemporaryDirectory() as folder:
                picture = page(folder, size)
                runs = [run([self.cli, *arguments[:1], picture, *arguments[1:], "-o", os.path.join(folder, "out.svg")]) for _ in range(self.rounds)]
                measured.append((size, min(r[0] for r in runs), max(r[1] for r in runs), goal, peer(kind, picture)))
        self.add(what, "megapixels", measured, kind)

    def bench(self, what, unit, program, rows, kind=None, peers={}):
        """`rows`: [(size, the row's name, goal)]; a process of its own for each."""
        if not self.wants(what):
            return
        measured = []
        for size, name, goal in rows:
            _, memory, text = run([os.path.join(self.build, program), f"--benchmark_filter=^{name}$", "--benchmark_format=csv"])
            row = next(line.split(",") for line in text.splitlines() if line.startswith(f'"{name}'))
            factor = {"ns": 1e-9, "us": 1e-6, "ms": 1e-3, "s": 1}[row[4]]
            measured.append((size, float(row[2]) * factor, memory, goal, (peers[size], None) if size in peers else None))
        self.add(what, unit, measured, kind)

    def canvas(self, sizes, goals):
        if not self.wants("canvas"):
            return
        found = collections.defaultdict(list)
        for size in sizes:
            _, memory, text = run([os.path.join(self.build, "bench_canvas"), str(size)])
            for line in text.splitlines():
                m = re.match(r"(.*?)\s+\d+ frames.*95th percentile\s+([\d.]+) ms", line)
                if m:
                    found[m.group(1)].append((size, max(0.01, float(m.group(2))) / 1000, memory, Goal(goals.get(m.group(1))), None))
        for name, measured in found.items():
            self.add(f"Canvas: {name}, 95 %", "nodes", measured)


def yardstick():
    """How fast the machine is at the moment, seconds: what tables of different hours are to be compared by."""
    def loop():
        start, total = time.monotonic(), 0
        for i in range(5_000_000):
            total += i
        return time.monotonic() - start
    return min(loop() for _ in range(3))


def duration(seconds):
    return f"{seconds * 1e6:.3g} us" if seconds < 1e-3 else f"{seconds * 1e3:.3g} ms" if seconds < 1 else f"{seconds:.3g} s"


def table(build, rounds=2, only=""):
    rows = Rows(build, rounds, only)
    none = Goal()
    scan, photo = (held_in(os.path.join(build, "share", f"saltglass-{name}.svg")) for name in ("moth", "lantern"))
    rows.bench("Careful fit of a scribble", "samples", "bench_core",
               [(n, f"fitSamples/{n}", goal) for n, goal in ((200, none), (5000, Goal(0.08)), (20000, Goal(0.5)))], "fit", fitting_peer())
    rows.command("Outlines of a page of letters", "outlines", [(1.2, none), (12, Goal(1.5)), (100, Goal(10, 600))],
                 lambda folder, mp: lettered(rows.cli, folder, mp, round(500 * mp / 12)), "outline")
    rows.command("Outlines of a sparse page", "outlines", [(1.2, none), (12, Goal(0.7)), (100, Goal(None, 600))],
                 lambda folder, mp: lettered(rows.cli, folder, mp, 8), "outline")
    rows.command("Lines of a pencil page", "lines", [(0.12, none), (1.2, none), (12, Goal(1.8, 300))],
                 lambda folder, mp: tiled(rows.cli, folder, mp, scan, (150, 150, 1450, 1450), "pencil"), "lines", "--medium", "pencil")
    rows.command("Eight tones of a photo", "tones", [(0.48, none), (1, Goal(0.7)), (12, Goal(1.2)), (48, Goal(None, 1024))],
                 lambda folder, mp: tiled(rows.cli, folder, mp, photo, (0, 0, 960, 1200), "photo"), "tones", "--count", "8")
    rows.canvas([2000, 20000, 200000], {"pan": 0.008, "zoom": 0.008, "node drag": 0.008, "pointer move": 0.016, "click": 0.05})
    rows.bench("Union of near duplicates", "shapes", "bench_planar", [(n, f"uniteNearDuplicates/{n}", Goal(0.04) if n == 20 else none) for n in (2, 20, 200)])
    rows.bench("One of full-length lines moved, gap 2 px", "lines", "bench_planar",
               [(n, f"moveOneOfLines/{n}/100", Goal(0.06) if n == 1000 else none) for n in (10, 100, 1000)])
    rows.bench("One of short lines moved, gap 2 px", "lines", "bench_planar",
               [(n, f"moveOneOfLines/{n}/15", Goal(0.06) if n == 3000 else none) for n in (30, 300, 3000)])
    rows.bench("10,000 undo steps of one among", "things", "bench_art",
               [(n, f"tenThousandSteps/{n}/iterations:1", Goal(None, 200) if n == 10000 else none) for n in (100, 1000, 10000)])
    return "\n".join(rows.text) + "\n\nPeers: " + "; ".join(PEER_NAMES[k] for k in sorted(rows.peers)) + "." if rows.peers else "\n".join(rows.text)


if __name__ == "__main__":
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument("--build", default=os.path.join(TOP, "build/release"))
    ap.add_argument("--only", default="")
    ap.add_argument("--rounds", type=int, default=2)
    a = ap.parse_args()
    print(table(os.path.abspath(a.build), a.rounds, a.only))
