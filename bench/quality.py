#!/usr/bin/python3
"""Writes docs/quality.md: scores beside the baseline's, speeds, and large work by its size (goals.py).

    bench/quality.py --scorer SCORE.PY --corpus DIR --baseline BASELINE.JSON [--keep-speeds]

The scorer and its corpora lie outside the project; without them only the speeds are measured and the tables are kept as they are. Speeds want a
machine with nothing else to do; --keep-speeds keeps those of before.
"""
import argparse
import datetime
import json
import os
import re
import subprocess
import tempfile

import goals

TOP = os.path.dirname(os.path.dirname(os.path.abspath(__file__)))
TASKS = {
    "outline": ("Outlines (`soft-rope-cli outline`)", ["outline", "outline:clean", "outline:scan", "outline:bilevel"],
                ["iou", "dist_p95", "dist_max", "node_ratio", "corner_recall", "corner_precision", "kinks_per_100", "contours_equal"]),
    "lines": ("Centre lines (`soft-rope-cli lines`)", ["lines", "lines:clean", "lines:inked", "lines:pencil"],
              ["recall_3", "precision_3", "mean_dist", "stroke_ratio", "spurious_pct", "double_pct", "width_err_pct", "turn_ratio", "node_ratio"]),
    "reduce": ("Reducing (`soft-rope-cli reduce`)",
               ["reduce", "reduce:curve-jitter0.0", "reduce:curve-jitter0.3", "reduce:poly-jitter0.0", "reduce:poly-jitter0.3"],
               ["slack_kept", "max_over_slack", "mean_dev", "truth_p95", "node_ratio", "corner_recall", "kinks_per_100"]),
}


def table(result, baseline, kinds, figures):
    rows = ["| kind | runs, failed | score | " + " | ".join(f.replace("_", " ") for f in figures) + " | worst inputs |",
            "|---" * (len(figures) + 4) + "|"]
    for kind in kinds:
        ours, theirs = result["summary"][kind], baseline["summary"].get(kind, {})
        name = kind.split(":")[-1] if ":" in kind else "all"
        medians = " | ".join(f"{ours['medians'][f]:.3g}" for f in figures)
        worst = ", ".join(f"{w[0]} {w[1]:.0f}" if isinstance(w, list) else str(w) for w in ours.get("worst", [])[:2])
        rows.append(f"| {name} | {ours['n']}, {ours['failed']} | **{ours['score']:.1f}** | {medians} | {worst} |")
        if theirs:
            rows.append("| *baseline* | | *" + f"{theirs['score']:.1f}" + "* | " + " | ".join(f"*{theirs['medians'][f]:.3g}*" for f in figures) + " | |")
    return "\n".join(rows)


def speeds():
    parts = []
    for name in ("core", "planar", "tone", "art", "letter", "proof"):
        program = os.path.join(TOP, "build/release/bench_" + name)
        rows = ["| what | time | main thread's time | memory | nodes |", "|---|---|---|---|---|"]
        # A process for each, so that the memory is the row's own.
        for row in goals.run([program, "--benchmark_list_tests=true"])[2].split():
            _, memory, text = goals.run([program, f"--benchmark_filter=^{re.escape(row)}$", "--benchmark_format=json"])
            for b in json.loads(text)["benchmarks"]:
                unit = b["time_unit"]
                nodes = f"{b['nodes']:.0f}" if "nodes" in b else ""
                rows.append(f"| {b['name']} | {b['real_time']:.3g} {unit} | {b['cpu_time']:.3g} {unit} | {memory:.0f} MiB | {nodes} |")
        parts.append(f"### `bench_{name}`\n\n" + "\n".join(rows))
    out = subprocess.run([os.path.join(TOP, "build/release/bench_many"), "--json"], stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, check=True,
                         env={**os.environ, "QT_QPA_PLATFORM": "offscreen"})
    rows = ["| with so many items | " + " | ".join(n for n in json.loads(out.stdout)["rows"][0]["ms"]) + " | growth |", "|---|---|---|---|---|"]
    for r in json.loads(out.stdout)["rows"]:
        rows.append(f"| {r['name']} | " + " | ".join(f"{ms:.3g}" for ms in r["ms"].values()) + f" | {r['growth']:.2f} |")
    parts.append("### `bench_many`: ms of the interface thread (and bytes of a step)\n\n" + "\n".join(rows))
    return "\n\n".join(parts)


def main():
    ap = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ap.add_argument("--scorer")
    ap.add_argument("--corpus")
    ap.add_argument("--baseline")
    ap.add_argument("--keep-speeds", action="store_true")
    a = ap.parse_args()
    target = os.path.join(TOP, "docs/quality.md")
    before = open(target).read() if os.path.exists(target) else ""
    parts = []
    if a.scorer and a.corpus and a.baseline:
        baseline = json.load(open(a.baseline))
        with tempfile.TemporaryDirectory() as folder:
            out = os.path.join(folder, "result.json")
            subprocess.run(["/usr/bin/python3", a.scorer, "--cli", os.path.join(TOP, "build/release/soft-rope-cli"), "--corpus", a.corpus, "--jobs", "2",
                            "--tasks", ",".join(TASKS), "--out", out], check=True, stdout=subprocess.DEVNULL)
            result = json.load(open(out))
        for task, (title, kinds, figures) in TASKS.items():
            parts.append(f"## {title}\n\n" + table(result, baseline, kinds, figures))
    else:
        parts += [m.group(0).strip() for m in re.finditer(r"## [^\n]*`soft-rope-cli.*?(?=\n## |\Z)", before, re.S)]
    head = ("# Quality figures\n\n"
            f"Measured {datetime.date.today()} by `bench/quality.py` on a machine with 2 cores; this file is written by it, the notes at the end come from\n"
            "`bench/quality_notes.md`. Corpora and scorers lie outside the project. \"Baseline\" is a tracer glued together from general-purpose libraries\n"
            "(threshold, level lines, thinning, least-squares fitting), scored on the same inputs the same way. Medians; scores are means.")
    notes = open(os.path.join(TOP, "bench/quality_notes.md")).read().strip()
    kept = re.search(r"## Speed.*\|(?=\n)", before, re.S) if a.keep_speeds else None # to the end of its last table
    large = re.search(r"## Large work.*?(?=\n## )", before, re.S) if a.keep_speeds else None
    pace = "" if a.keep_speeds else f"A loop of five million additions in Python took {goals.yardstick():.2f} s in that hour (0.15 in a quiet one)."
    large = large.group(0).strip() if large else (
        f"## Large work\n\nMeasured {datetime.date.today()} by `bench/goals.py`: the best of two runs, each a process of its own. Growth is the exponent of size.\n{pace}\n"
        f"A peer's time is its own work alone, without reading the file; ours is all of the command's.\n\n{goals.table(os.path.join(TOP, 'build/release'))}")
    speed = kept.group(0) if kept else f"## Speed\n\nMeasured {datetime.date.today()}. {pace}\n\n{speeds()}"
    with open(target, "w") as f:
        f.write("\n\n".join([head] + parts + [large, speed, notes]) + "\n")


if __name__ == "__main__":
    main()
