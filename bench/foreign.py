#!/usr/bin/python3
"""How drawings of others look when they are opened, and whether what looks otherwise is told.

    bench/foreign.py BUILD FOLDER [--sample 1500] [--seed 1] [--jobs 2] [--width 128]

Each drawing (.svg, .svgz) is drawn by rsvg-convert and by `soft-rope-cli export`. The same: a mean difference of at most 2 of 255, and at
most 1 % of the pixels off by more than 32, on white and on magenta. Of every other one `soft-rope-cli info --json` must name something that
is different (`left_out`) or refuse it with a problem; those that do not are silent, and listed. Ends with 1 when one is silent, crashed or
hung (10 s). Wants python3-opencv and librsvg2-bin.
"""
import argparse
import collections
import concurrent.futures
import json
import os
import pathlib
import random
import subprocess
import sys
import tempfile

import cv2
import numpy as np

LIMIT = 10  # s


def run(command):
    """How it ended (`ok`, `refused`, `crashed`, `hung`), and what it printed."""
    try:
        out = subprocess.run(command, capture_output=True, timeout=LIMIT)
    except subprocess.TimeoutExpired:
        return "hung", b""
    return ("crashed" if out.returncode < 0 else "ok" if out.returncode == 0 else "refused"), out.stdout


def picture(path):
    image = cv2.imread(path, cv2.IMREAD_UNCHANGED) if os.path.exists(path) else None
    if image is None:
        return None
    if image.ndim == 2:
        image = cv2.cvtColor(image, cv2.COLOR_GRAY2BGRA)
    if image.shape[2] == 3:
        image = cv2.cvtColor(image, cv2.COLOR_BGR2BGRA)
    return image.astype(float)


def over(image, ground):
    share = image[..., 3:4] / 255
    return image[..., :3] * share + np.array(ground, float) * (1 - share)


def alike(a, b):
    if abs(a.shape[0] - b.shape[0]) > 1 or a.shape[1] != b.shape[1]:
        return False
    rows = min(a.shape[0], b.shape[0])
    for ground in ((255, 255, 255), (255, 0, 255)):
        off = np.abs(over(a[:rows], ground) - over(b[:rows], ground)).max(axis=2)
        if off.mean() > 2 or (off > 32).mean() > 0.01:
            return False
    return True


def judge(cli, path, width):
    """What became of one drawing."""
    with tempfile.TemporaryDirectory() as folder:
        theirs, ours = os.path.join(folder, "theirs.png"), os.path.join(folder, "ours.png")
        end, _ = run(["rsvg-convert", "-w", str(width), str(path), "-o", theirs])
        wanted = picture(theirs)
        if end != "ok" or wanted is None or wanted[..., 3].max() == 0:
            return "left out"
        end, _ = run([cli, "export", str(path), "-o", ours, "--width", str(width)])
        if end in ("crashed", "hung"):
            return end
        got = picture(ours)
        if end == "ok" and got is not None and alike(wanted, got):
            return "same"
        end, printed = run([cli, "info", str(path), "--json"])
        if end in ("crashed", "hung"):
            return end
        told = json.loads(printed) if printed else {}
        return "told" if told.get("left_out") or told.get("problem") else "silent"


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument("build")
    ap.add_argument("folder")
    ap.add_argument("--sample", type=int, default=1500)
    ap.add_argument("--seed", type=int, default=1)
    ap.add_argument("--jobs", type=int, default=2)
    ap.add_argument("--width", type=int, default=128)
    a = ap.parse_args()
    cli = os.path.join(a.build, "soft-rope-cli")
    files = sorted(p for p in pathlib.Path(a.folder).iterdir() if p.suffix in (".svg", ".svgz"))
    random.Random(a.seed).shuffle(files)
    files = files[: a.sample]
    with concurrent.futures.ThreadPoolExecutor(a.jobs) as pool:
        ends = list(pool.map(lambda f: judge(cli, f, a.width), files))
    count = collections.Counter(ends)
    judged = len(files) - count["left out"]
    print(f"{judged} drawings: {count['same']} the same ({100 * count['same'] / max(1, judged):.2f} %), {count['told']} otherwise and told,",
          f"{count['silent']} silent, {count['crashed']} crashed, {count['hung']} hung")
    bad = 0
    for f, end in zip(files, ends):
        if end in ("silent", "crashed", "hung"):
            print(f"{end}: {f.name}")
            bad = 1
    sys.exit(bad)


if __name__ == "__main__":
    main()
